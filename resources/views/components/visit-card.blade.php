@use('MintBuckle\Core\Finding\Station')
@props(['card'])
@php($mayRecord = Gate::allows('record'))
<article class="visit" data-ticket="{{ $card->ticket }}">
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
        @else
            @can('record')
                <form method="post" action="{{ route('visits.bay', $card->id) }}">@csrf<button class="quiet">{{
                    __('visits.take_in') }}</button></form>
            @endcan
        @endif
    </footer>
</article>
