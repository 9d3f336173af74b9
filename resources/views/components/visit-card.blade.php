@props(['card'])
<article class="visit" data-ticket="{{ $card->visit->ticket }}">
    <header>
        <span class="ticket"><span class="visually-hidden">Ticket </span>{{ $card->visit->ticket }}</span>
        <div>
            <h3>{{ $card->visit->family?->first_name ?? 'A family' }}</h3>
            <p>{{ $card->visit->vehicle }}{{ $card->visit->bay ? ' · bay ' . $card->visit->bay : '' }} ·
                {{ $card->visit->event->clock($card->visit->arrived_at) }}</p>
        </div>
    </header>
    <ul>
        @foreach ($card->checks as $row)
            <li>
                <a class="check-link" href="{{ $card->visit->left_at ? route('visits.sheet', $card->visit) : $row['link'] }}">
                    <x-buckle-mark :state="$row['verdict']->value" :size="36" />
                    <span><strong>Child {{ $row['check']->letter }}</strong>
                        {{ $row['seat'] }}<br><small>{{ $row['verdict']->title() }}</small></span>
                </a>
            </li>
        @endforeach
    </ul>
    <footer>
        @if ($card->visit->left_at)
            <a class="quiet" href="{{ route('visits.sheet', $card->visit) }}">Sheet</a>
        @elseif ($card->visit->bay)
            <a class="quiet" href="{{ route('visits.car', $card->visit) }}">Plan of the car</a>
            <a class="quiet" href="{{ route('visits.sheet', $card->visit) }}">Take-home sheet</a>
        @else
            <form method="post" action="{{ route('visits.bay', $card->visit) }}">@csrf<button class="quiet">Take into a bay</button>
            </form>
        @endif
    </footer>
</article>
