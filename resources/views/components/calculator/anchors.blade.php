@props(['answer', 'page'])
@if ($answer->situation->seat?->lowerAnchorChildMax === null && $answer->situation->seat?->weight)
    <p>{{ __('calculators.anchors.together', ['weight' => $answer->situation->seat->weight]) }}</p>
@endif
<p>{{ __('calculators.anchors.above') }}</p>
