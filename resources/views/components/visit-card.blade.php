@use('MintBuckle\Core\Finding\Station')
@props(['card'])
<article class="visit" data-ticket="{{ $card->ticket }}">
    <header>
        <span class="ticket"><span class="visually-hidden">Ticket </span>{{ $card->ticket }}</span>
        <div>
            <h3>{{ $card->family ?? 'A family' }}</h3>
            <p>{{ $card->vehicle }}{{ $card->bay === null ? '' : ' · bay ' . $card->bay }} · {{ $card->arrived }}</p>
        </div>
    </header>
    <ul>
        @foreach ($card->checks as $line)
            <li>
                <a class="check-link" href="{{ $card->hasLeft
                    ? route('visits.sheet', $card->id)
                    : route('checks.show', [$line->id, $line->phase->value, Station::Label->value]) }}">
                    <x-buckle-mark :state="$line->verdict->value" :size="36" />
                    <span><strong>Child {{ $line->letter }}</strong>
                        {{ $line->seat }}<br><small>{{ $line->verdict->title() }}</small></span>
                </a>
            </li>
        @endforeach
    </ul>
    <footer>
        @if ($card->hasLeft)
            <a class="quiet" href="{{ route('visits.sheet', $card->id) }}">Sheet</a>
        @elseif ($card->bay !== null)
            <a class="quiet" href="{{ route('visits.car', $card->id) }}">Plan of the car</a>
            <a class="quiet" href="{{ route('visits.sheet', $card->id) }}">Take-home sheet</a>
        @else
            <form method="post" action="{{ route('visits.bay', $card->id) }}">@csrf<button class="quiet">Take into a bay</button>
            </form>
        @endif
    </footer>
</article>
