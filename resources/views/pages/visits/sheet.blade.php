<x-layout title="Take-home sheet" main="sheet">
    <x-slot:head><x-head title="Ticket {{ $page->visit->ticket }}" :subtitle="$page->visit->vehicle" /></x-slot:head>
    <div class="sheet-tools no-print">
        <a class="quiet" href="{{ route('event') }}">Back to the event</a>
        <button class="press" type="button" data-print hidden>Print</button>
        @if ($page->visit->left_at)
            <p>The family left at {{ $page->visit->event->clock($page->visit->left_at) }}.</p>
        @else
            <a class="quiet" data-departure href="{{ route('visits.departure', $page->visit) }}">The family leaves</a>
        @endif
    </div>
    <div class="paper">
        <header>
            <h1>Your checkup, {{ $page->visit->event->held_on->format('j F Y') }}</h1>
            <p>{{ $page->visit->event->name }}, {{ $page->visit->event->place }} · ticket {{ $page->visit->ticket }} ·
                {{ $page->visit->vehicle }}</p>
        </header>
        @foreach ($page->children as $child)
            <x-sheet-child :child="$child" />
        @endforeach
        @if ($page->visit->left_because !== null)
            <section class="left-open">
                <h2>You left with something open</h2>
                <p>{{ $page->visit->left_because }}.{{ $page->visit->leftSeenBy === null
                    ? ''
                    : ' Looked at a second time by ' . $page->visit->leftSeenBy->name . '.' }}
                    What stands above under “Before this child rides in it” still has to be put right.</p>
            </section>
        @endif
        <footer>
            <p>Read the seat’s and the vehicle’s manuals and keep the seat’s with it. Nothing loose in the car; everyone buckled; the back
                row until 13.</p>
            <p><strong>Questions?</strong> Ask a certified child passenger safety technician, or the seat’s maker with the model number and
                make date.</p>
            <p class="fine">This sheet says what was seen on the day. The seat’s and the vehicle’s instructions and the law come first,
                and the seat must be checked again whenever it is moved, outgrown or in a crash.</p>
        </footer>
    </div>
</x-layout>
