@props(['answer', 'page'])
<p>{{ __('calculators.extras.why') }}</p>
