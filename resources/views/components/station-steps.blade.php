@use('MintBuckle\Core\Record\InspectionPhase')
@use('MintBuckle\Core\Finding\Station')
@props(['page'])
<nav class="steps" aria-label="Back and on">
    @if ($page->station->before())
        <a class="quiet" href="{{ $page->link(station: $page->station->before()) }}" data-key="[">Back to
            {{ $page->station->before()->title() }}</a>
    @endif
    @if ($page->station->after())
        <a class="press" href="{{ $page->link(station: $page->station->after()) }}" data-key="]">On to
            {{ $page->station->after()->title() }}</a>
    @elseif ($page->phase === InspectionPhase::Found)
        <a class="press" href="{{ $page->link(InspectionPhase::Left, Station::Label) }}">Now
            put it right</a>
    @else
        <a class="press" href="{{ route('visits.sheet', $page->check->visit_id) }}">Take-home sheet</a>
    @endif
</nav>
