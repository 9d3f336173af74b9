@use('MintBuckle\Core\Record\InspectionPhase')
@use('MintBuckle\Core\Finding\Station')
@props(['page'])
<nav class="steps" aria-label="{{ __('checks.back_and_on') }}">
    @if ($page->before())
        <a class="quiet" href="{{ $page->link(station: $page->before()) }}" data-key="[">{{ __('checks.back_to', ['station' =>
            $page->before()->title()]) }}</a>
    @endif
    @if ($page->after())
        <a class="press" href="{{ $page->link(station: $page->after()) }}" data-key="]">{{ __('checks.on_to', ['station' =>
            $page->after()->title()]) }}</a>
    @elseif ($page->phase === InspectionPhase::Found)
        <a class="press" href="{{ $page->link(InspectionPhase::Left, Station::Label) }}">{{ __('checks.now_mend') }}</a>
    @else
        <a class="press" href="{{ route('visits.sheet', $page->check->visit_id) }}">{{ __('sheet.title') }}</a>
    @endif
</nav>
