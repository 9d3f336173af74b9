@use('MintBuckle\Core\Asking\Answers')
@use('MintBuckle\Present\Drawing\CarAbove')
@props(['page', 'position'])
<details class="place-facts" id="place-{{ $position->name }}" data-place-facts="{{ $position->name }}">
    <summary><strong>{{ Answers::placeTitle($position->name) }}</strong>
        <span>{{ implode(', ', CarAbove::places([$position])[0]->signs) ?: 'nothing known yet' }}</span>
    </summary>
    <div class="rows">
        @foreach ($page->rowsOf($position) as $row)
            <form class="row-fact" method="post" action="{{ route('visits.place', [$page->visit, $position->name]) }}">
                @csrf
                <input type="hidden" name="field" value="{{ substr($row->path, 3) }}">
                <fieldset @disabled($page->visit->left_at !== null)>
                    <legend>{{ $row->askable->short }}</legend>
                    <x-answer :row="$row" :page="$page" :kind="$row->askable->kind" :id="$row->id('car')" />
                </fieldset>
            </form>
        @endforeach
    </div>
</details>
