<x-layout :title="__('calculators.title')" main="page">
    <x-slot:head><x-head :title="__('calculators.title')" :subtitle="__('calculators.subtitle')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('calculators.title') }}</h1>
    </div>
    <ul class="calculators">
        @foreach ($calculators as $calculator)
            <li><a class="card-work" href="{{ route('calculators.show', $calculator->value) }}"
                    data-calculator="{{ $calculator->value }}"><strong>@tell($calculator->title())</strong>
                    <span>@tell($calculator->line())</span></a></li>
        @endforeach
    </ul>
</x-layout>
