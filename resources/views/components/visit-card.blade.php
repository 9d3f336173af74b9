@use('MintBuckle\Core\Finding\Station')
@props(['card', 'crew'])
@php($mayRecord = Gate::allows('record'))
<article class="visit" data-ticket="{{ $card->ticket }}" id="visit-{{ $card->id }}">
    <header>
        <span class="ticket"><span class="visually-hidden">{{ __('visits.ticket_word') }} </span>{{ $card->ticket }}</span>
        <div>
            <h3>{{ $card->family ?? __('visits.a_family') }}</h3>
            <p>{{ __('visits.card', [
                'vehicle' => $card->vehicle,
                'called' => $card->bay !== null,
                'bay' => $card->bay,
                'arrived' => $card->arrived,
            ]) }}</p>
            @if ($card->starts !== null)
                <p data-starts="{{ $card->starts }}">{{ __('events.starts', ['time' => $card->starts]) }}</p>
            @elseif (! $card->hasLeft && $card->bay !== null)
                <p data-technician="{{ $card->workedBy }}">{{ __('events.works', [
                    'known' => $crew->nameOf($card->workedBy) !== null, 'name' => (string) $crew->nameOf($card->workedBy),
                    'timed' => $card->minutes !== null, 'minutes' => $card->minutes ?? 0]) }}</p>
            @endif
        </div>
    </header>
    <ul>
        @foreach ($card->checks as $line)
            <li>
                <a class="check-link" href="{{ $card->hasLeft
                    ? route('visits.sheet', $card->id)
                    : ($mayRecord
                        ? route('checks.show', [$line->id, $line->phase->value, Station::Label->value])
                        : route('checks.log', $line->id)) }}">
                    <x-buckle-mark :state="$line->verdict->value" :size="36" />
                    <span><strong>{{ __('visits.child', ['letter' => $line->letter]) }}</strong>
                        {{ $line->seat }}<br><small>@tell($line->verdict->title())</small></span>
                </a>
            </li>
        @endforeach
    </ul>
    <footer>
        @if ($card->hasLeft)
            <a class="quiet" href="{{ route('visits.sheet', $card->id) }}">{{ __('sheet.short') }}</a>
        @elseif ($card->bay !== null)
            <a class="quiet" href="{{ route('visits.car', $card->id) }}">{{ __('visits.car.title') }}</a>
            <a class="quiet" href="{{ route('visits.sheet', $card->id) }}">{{ __('sheet.title') }}</a>
            @can('record')
                <x-hand-over :card="$card" :crew="$crew" />
            @endcan
        @else
            @can('record')
                <form method="post" action="{{ route('visits.bay', $card->id) }}">@csrf<button class="quiet">{{
                    __('visits.take_in') }}</button></form>
            @endcan
        @endif
    </footer>
</article>
