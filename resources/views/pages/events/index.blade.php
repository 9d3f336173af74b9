<x-layout :title="__('events.all')" main="page">
    <x-slot:head><x-head :title="__('events.all')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('events.all') }}</h1>
        <p>{{ __('events.all_intro') }}</p>
        @can('manage')
            <a class="press" href="{{ route('events.create') }}">{{ __('events.new') }}</a>
        @endcan
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }}</p>
    @endif
    @foreach ($page->groups as $state => $events)
        <section class="card-work events-group" aria-labelledby="events-{{ $state }}">
            <h2 id="events-{{ $state }}">{{ __("events.states.{$state}") }}</h2>
            @foreach ($events as $event)
                <x-event-line :event="$event" :chosen="$page->isChosen($event)" />
            @endforeach
        </section>
    @endforeach
</x-layout>
