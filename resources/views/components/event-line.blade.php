@props(['event', 'chosen' => false, 'several' => false])
<article class="event-line" data-event="{{ $event->id }}" data-state="{{ $event->state()->value }}">
    <div>
        <h3>{{ $event->name }}</h3>
        <p>{{ __('events.line', ['day' => $event->held_on, 'place' => $event->place === '' ? 'none' : $event->place]) }}
            @if ($event->hours() !== null)
                @tell($event->hours())
            @endif
        </p>
        <p class="hint">{{ __('events.counts', [
            'families' => $event->visits_count,
            'seats' => $event->checks_count,
            'crew' => $event->crew->count(),
        ]) }}</p>
    </div>
    <div class="actions">
        @if ($event->state()->value === 'open')
            <form method="post" action="{{ route('events.choose', $event) }}">
                @csrf
                <button @class(['press' => ! $chosen, 'quiet' => $chosen])>{{ $chosen ? __('events.here') : __('events.choose') }}</button>
            </form>
        @endif
        @can('record')
            <a class="quiet" href="{{ route('bookings', $event) }}">{{ __('bookings.title') }}</a>
        @endcan
        @can('manage')
            <a class="quiet" href="{{ route('events.edit', $event) }}">{{ __('events.plan') }}</a>
            <a class="quiet" href="{{ route('events.cases', $event) }}" data-cases>{{ __('events.cases') }}</a>
            @if ($event->state()->value === 'open')
                <form method="post" action="{{ route('events.close', $event) }}">
                    @csrf
                    <button class="quiet">{{ __('events.close') }}</button>
                </form>
            @else
                <form method="post" action="{{ route('events.open', $event) }}">
                    @csrf
                    <button class="quiet">{{ __("events.to_open.{$event->state()->value}") }}</button>
                </form>
            @endif
        @endcan
    </div>
</article>
