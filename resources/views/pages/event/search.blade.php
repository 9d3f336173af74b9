<x-layout :title="__('events.search.title')" main="page">
    <x-slot:head><x-head :title="__('events.search.title')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('events.search.title') }}</h1>
        <p>{{ __('events.search.intro') }}</p>
        <a class="quiet" href="{{ route('event') }}">{{ __('events.title') }}</a>
    </div>
    <x-event-search :search="$page->search" />
    @if ($page->isEmpty() && $page->search !== '')
        <section class="card-work empty"><p>{{ __('events.search.none', ['search' => $page->search]) }}</p></section>
    @endif
    @if ($page->families->isNotEmpty())
        <section class="card-work events-group" aria-labelledby="families-title">
            <h2 id="families-title">{{ __('events.search.families') }}</h2>
            <ul class="plain-list">
                @foreach ($page->families as $visit)
                    <li data-visit="{{ $visit->id }}"><a href="{{ route('visits.sheet', $visit) }}">{{ __('events.search.family', [
                        'ticket' => $visit->ticket,
                        'family' => $visit->family->first_name ?? __('visits.a_family'),
                        'event' => $visit->event->name,
                        'day' => $visit->event->held_on,
                    ]) }}</a>
                        @foreach ($visit->checks as $check)
                            <span><x-buckle-mark :state="$check->verdict->value ?? 'not_finished'" :size="28" /> {{ $check->maker }}
                                {{ $check->model }}</span>
                        @endforeach
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    @if ($page->seats->isNotEmpty())
        <section class="card-work events-group" aria-labelledby="seats-title">
            <h2 id="seats-title">{{ __('events.search.seats') }}</h2>
            <ul class="plain-list">
                @foreach ($page->seats as $check)
                    <li data-check="{{ $check->id }}">
                        <a href="{{ route('checks.log', $check) }}">{{ $check->maker }} {{ $check->model }}</a>
                        <span>{{ $check->serial }}</span>
                        <span>{{ __('events.search.family', [
                            'ticket' => $check->visit->ticket,
                            'family' => $check->visit->family->first_name ?? __('visits.a_family'),
                            'event' => $check->visit->event->name,
                            'day' => $check->visit->event->held_on,
                        ]) }}</span></li>
                @endforeach
            </ul>
        </section>
    @endif
</x-layout>
