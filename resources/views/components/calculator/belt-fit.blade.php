@props(['answer', 'page'])
<p>{{ __('calculators.belt-fit.usually') }}</p>
