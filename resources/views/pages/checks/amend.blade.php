@use('MintBuckle\Core\Finding\Station')
@use('Symfony\Component\Uid\UuidV7')
<x-layout :title="__('amend.title')" main="page narrow-page">
    <x-slot:head><x-head :title="$page->check->title()" :subtitle="__('amend.title')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('amend.title') }}</h1>
        <p>{{ __('amend.intro') }}</p>
        <a class="quiet" href="{{ route('visits.sheet', $page->check->visit_id) }}">{{ __('sheet.title') }}</a>
    </div>
    @if ($page->problem !== null)
        <p class="notice problem" role="alert">{{ $page->problem }} {{ __('common.unchanged') }}</p>
    @endif
    @if ($page->row !== null)
        <form method="post" action="{{ route('checks.amend', $page->check) }}" class="card-work stack" data-amends="{{ $page->row->path }}"
            novalidate>
            @csrf
            <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
            <input type="hidden" name="phase" value="left">
            <input type="hidden" name="key" value="{{ $page->row->path }}">
            <div class="field"><label for="why">{{ __('amend.why') }}</label><input id="why" name="note" value="{{ old('note') }}"
                    maxlength="500" autocomplete="off" required></div>
            <fieldset class="row-fact">
                <legend>@tell($page->row->askable->question())</legend>
                <x-answer :row="$page->row" :page="$page" :kind="$page->row->askable->kind" id="amend" typed />
                <button class="plain" name="answer" value="unknown">{{ __('checks.cannot_tell') }}</button>
            </fieldset>
        </form>
        <p><a class="quiet" href="{{ route('checks.amend', $page->check) }}">{{ __('amend.another') }}</a></p>
    @else
        @foreach ($page->facts() as $station => $facts)
            <details class="card-work panel">
                <summary>@tell(Station::from($station)->title())</summary>
                <div class="choices">
                    @foreach ($facts as $askable)
                        <a class="choice" href="{{ route('checks.amend', [$page->check, 'fact' => $askable->path]) }}"
                            data-fact="{{ $askable->path }}">@tell($askable->short())</a>
                    @endforeach
                </div>
            </details>
        @endforeach
    @endif
</x-layout>
