@use('MintBuckle\Core\Asking\Answers')
@use('MintBuckle\Core\Telling\Listing')
@use('MintBuckle\Present\Drawing\CarAbove')
@use('Symfony\Component\Uid\UuidV7')
@props(['page', 'position'])
<details class="place-facts" id="place-{{ $position->name }}" data-place-facts="{{ $position->name }}">
    <summary><strong>@tell(Answers::placeTitle($position->name))</strong>
        <span>
            @php($signs = CarAbove::places([$position])[0]->signs)
            @if ($signs === [])
                {{ __('checks.nothing_known') }}
            @else
                @tell(Listing::names($signs))
            @endif
        </span>
    </summary>
    <div class="rows">
        @foreach ($page->rowsOf($position) as $row)
            <form class="row-fact" method="post" action="{{ route('visits.place', [$page->visit, $position->name]) }}">
                @csrf
                <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
                <input type="hidden" name="field" value="{{ substr($row->path, 3) }}">
                <fieldset @disabled($page->visit->left_at !== null)>
                    <legend>@tell($row->askable->short())</legend>
                    <x-answer :row="$row" :page="$page" :kind="$row->askable->kind" :id="$row->id('car')" />
                </fieldset>
            </form>
        @endforeach
    </div>
</details>
