<x-layout :title="__('sheet.title')" main="sheet">
    <x-slot:head><x-head :title="__('visits.ticket', ['ticket' => $page->visit->ticket])" :subtitle="$page->visit->vehicle" /></x-slot:head>
    <div class="sheet-tools no-print">
        <a class="quiet" href="{{ route('event') }}">{{ __('common.back_to_event') }}</a>
        <button class="press" type="button" data-print hidden>{{ __('common.print') }}</button>
        <form method="post" action="{{ route('visits.language', $page->visit) }}">
            @csrf
            <div class="switch" role="group" aria-label="{{ __('visits.language.sheet') }}">
                @foreach ($page->known as $language => $name)
                    <button name="language" value="{{ $language }}" lang="{{ $language }}" @class(['on' => $page->languages ===
                        [$language]])
                        aria-pressed="{{ $page->languages === [$language] ? 'true' : 'false' }}">{{ $name }}</button>
                @endforeach
                <a href="{{ route('visits.sheet', [$page->visit, 'both' => 1]) }}" @class(['on' => count($page->languages) > 1])
                    @if (count($page->languages) > 1) aria-current="true" @endif>{{ __('visits.language.both') }}</a>
            </div>
        </form>
        @if ($page->visit->left_at)
            <p>{{ __('sheet.left_at', ['time' => $page->visit->event->clock($page->visit->left_at)]) }}</p>
        @else
            <a class="quiet" href="{{ route('visits.consent', $page->visit) }}">{{ __('consent.title') }}</a>
            <a class="quiet" data-departure href="{{ route('visits.departure', $page->visit) }}">{{ __('visits.leave.title') }}</a>
        @endif
    </div>
    @foreach ($page->languages as $language)
        @in($language)
        <div class="paper" lang="{{ $language }}">
            <header>
                <h1>{{ __('sheet.heading', ['day' => $page->visit->event->held_on]) }}</h1>
                <p>{{ $page->visit->event->name }}, {{ $page->visit->event->place }} ·
                    {{ __('visits.ticket', ['ticket' => $page->visit->ticket]) }} · {{ $page->visit->vehicle }}</p>
            </header>
            @foreach ($page->children as $child)
                <x-sheet-child :child="$child" />
                <x-amendments :since="$page->since[$child->letter]" :event="$page->visit->event" />
            @endforeach
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
            </footer>
        </div>
        @endin
    @endforeach
</x-layout>
