@use('App\Visits\SheetLink')
@props(['page'])
@foreach ($page->languages as $language)
    @in($language)
    @foreach ($page->children as $child)
    <div @class(['paper', 'large' => $page->isLarge]) lang="{{ $language }}" data-sheet-of="{{ $child->letter }}">
        <header>
            <h1>{{ __('sheet.heading', ['day' => $page->visit->event->held_on]) }}</h1>
            <p>{{ $page->visit->event->name }}, {{ $page->visit->event->place }} ·
                {{ __('visits.ticket', ['ticket' => $page->visit->ticket]) }} · {{ $page->visit->vehicle }}</p>
        </header>
        <x-sheet-child :child="$child" :drawings="$page->drawings[$child->letter] ?? null" />
        <x-amendments :since="$page->since[$child->letter]" :event="$page->visit->event" />
        @if ($page->visit->left_because !== null)
            <section class="left-open">
                <h2>{{ __('sheet.left_open') }}</h2>
                <p>@says($page->leftBecause()).
                    @if ($page->visit->leftSeenBy !== null)
                        {{ __('sheet.seen_by', ['name' => $page->visit->leftSeenBy->name]) }}
                    @endif
                    {{ __('sheet.still') }}</p>
            </section>
        @endif
        <footer>
            <p>{{ __('sheet.manuals') }}</p>
            <p><strong>{{ __('sheet.questions') }}</strong> {{ __('sheet.ask') }}</p>
            <p class="fine">{{ __('sheet.fine') }}</p>
            @if ($page->link !== null)
                <div class="sheet-link"><div data-qr="{{ $page->link }}"></div><p
                        class="fine">{{ __('sheet.link', ['n' => SheetLink::DAYS]) }}</p></div>
            @endif
        </footer>
    </div>
    @endforeach
    @endin
@endforeach
