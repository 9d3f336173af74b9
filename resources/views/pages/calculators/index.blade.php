<x-layout title="Calculators" main="page">
    <x-slot:head><x-head title="Calculators" subtitle="One question, answered without a visit" /></x-slot:head>
    <div class="page-top">
        <h1>Calculators</h1>
    </div>
    <ul class="calculators">
        @foreach ($calculators as $calculator)
            <li><a class="card-work" href="{{ route('calculators.show', $calculator->value) }}"
                    data-calculator="{{ $calculator->value }}"><strong>{{ $calculator->title() }}</strong>
                    <span>{{ $calculator->line() }}</span></a></li>
        @endforeach
    </ul>
</x-layout>
