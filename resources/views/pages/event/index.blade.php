<x-layout :title="__('events.title')" main="event">
    <x-slot:head><x-head :title="$page->event->name" :subtitle="$page->event->place" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('events.title') }}</h1>
        <p>
            {{ __('events.held', ['day' => $page->event->held_on, 'practice' => __("limits.practices.{$page->event->practice}")]) }}
            @if ($page->recallListAge() === null)
                {{ __('events.no_list') }}
            @else
                {{ __('recalls.list_of', ['day' => $page->event->recallList->dated, 'age' => $page->recallListAge()]) }}
            @endif
        </p>
        <a class="quiet" href="{{ route('events.index') }}">{{ __('events.all') }}</a>
        @can('record')
            <a class="press" href="{{ route('visits.create') }}">{{ __('visits.arrive.title') }}</a>
        @endcan
        <a class="quiet event-calculators" href="{{ route('calculators.index') }}">{{ __('calculators.title') }}</a>
    </div>
    @if ($page->groups === [])
        <section class="card-work empty">
            <h2>{{ __('events.nobody') }}</h2>
            <p>{{ __('events.nobody_hint') }}</p>
        </section>
    @endif
    @foreach ($page->groups as $heading => $cards)
        <section class="event-group" aria-labelledby="group-{{ $loop->index }}">
            <h2 id="group-{{ $loop->index }}">{{ __("events.groups.{$heading}") }} <span class="count">{{ count($cards) }}</span></h2>
            <div class="event-cards">
                @foreach ($cards as $card)
                    <x-visit-card :card="$card" />
                @endforeach
            </div>
        </section>
    @endforeach
</x-layout>
