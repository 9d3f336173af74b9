@props(['answer', 'page'])
<x-flight-parts :answer="$answer" />
<p><a class="press" href="{{ $page->address('calculators.sheet') }}" data-flight-sheet>{{ __('flight.print') }}</a></p>
