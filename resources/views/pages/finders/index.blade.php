<x-layout title="Finders" main="page">
    <x-slot:head><x-head title="Finders" subtitle="One question, answered without a visit" /></x-slot:head>
    <div class="page-top"><h1>Finders</h1></div>
    <ul class="finders">
        @foreach ($finders as $finder)
            <li><a class="card-work" href="{{ route('finders.show', $finder->value) }}" data-finder="{{ $finder->value }}"><strong>{{ $finder->title() }}</strong> <span>{{ $finder->line() }}</span></a></li>
        @endforeach
    </ul>
</x-layout>
