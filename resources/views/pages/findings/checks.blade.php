<x-layout :title="__('report.title')" main="page">
    <x-slot:head><x-head :title="__('report.title')" /></x-slot:head>
    <div class="page-top">
        <h1>@says($title)</h1>
        <p>{{ __('report.listed', ['n' => $checks->total()]) }}</p>
        <a class="quiet" href="{{ route('findings', $filter->query()) }}">{{ __('report.back') }}</a>
    </div>
    @if ($checks->isEmpty())
        <p class="card-work empty">{{ __('report.none_listed') }}</p>
    @endif
    <ul class="plain-list card-work findings-checks">
        @foreach ($checks as $check)
            <li data-check="{{ $check->id }}"><x-buckle-mark :state="$check->verdict?->value ?? 'not_finished'" :size="26" />
                <a href="{{ route('checks.log', $check) }}">{{ $check->title() }}</a>
                <span>{{ $check->maker }} {{ $check->model }}</span>
                <span>{{ __('report.event_on', ['name' => $check->visit->event->name, 'day' => $check->visit->event->held_on])
                    }}</span></li>
        @endforeach
    </ul>
    <x-pages :pages="$checks" />
</x-layout>
