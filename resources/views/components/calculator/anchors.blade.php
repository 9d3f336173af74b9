@props(['answer', 'page'])
@if ($answer->situation->seat?->lowerAnchorChildMax === null && $answer->situation->seat?->weight)
    <p>Child and seat together, less the seat’s own {{ $page->units->show($answer->situation->seat->weight) }}.</p>
@endif
<p>Above it the belt holds the seat, for as long as it is used: no switch-over to remember.</p>
