<x-layout title="Event" main="event">
    <x-slot:head><x-head :title="$page->event->name" :subtitle="$page->event->place" /></x-slot:head>
    <div class="page-top">
        <h1>Event</h1>
        <p>
            {{ $page->event->held_on->format('j M Y') }}, practice {{ $page->event->practice }}.
            @if ($page->recallListAge() === null)
                No recall list is loaded.
            @else
                Recall list of {{ $page->event->recallList->dated->format('j M Y') }}, {{ $page->recallListAge() }} days old.
            @endif
        </p>
        <a class="press" href="{{ route('visits.create') }}">A family arrives</a>
        <a class="quiet event-calculators" href="{{ route('calculators.index') }}">Calculators</a>
    </div>
    @if ($page->groups === [])
        <section class="card-work empty">
            <h2>Nobody is here yet</h2>
            <p>When the first car drives in, press “A family arrives”.</p>
        </section>
    @endif
    @foreach ($page->groups as $heading => $cards)
        <section class="event-group" aria-labelledby="group-{{ $loop->index }}">
            <h2 id="group-{{ $loop->index }}">{{ $heading }} <span class="count">{{ count($cards) }}</span></h2>
            <div class="event-cards">
                @foreach ($cards as $card)
                    <x-visit-card :card="$card" />
                @endforeach
            </div>
        </section>
    @endforeach
</x-layout>
