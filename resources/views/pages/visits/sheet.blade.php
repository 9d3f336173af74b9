@use('App\Visits\SheetPdf')
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
        <a class="quiet" href="{{ route('visits.sheet', [$page->visit, 'large' => $page->isLarge ? 0 : 1, 'both' =>
            count($page->languages) > 1 ? 1 : 0]) }}" data-large>{{ __($page->isLarge ? 'sheet.usual_print' : 'sheet.large_print') }}</a>
        <a class="quiet" href="{{ route('visits.calendar', $page->visit) }}" data-calendar>{{ __('sheet.calendar') }}</a>
        @if (SheetPdf::canBeMade())
            @foreach (SheetPdf::PAPERS as $paper => $size)
                <a class="quiet" href="{{ route('visits.pdf', [$page->visit, 'paper' => $paper, 'large' => $page->isLarge ? 1 : 0,
                    'both' => count($page->languages) > 1 ? 1 : 0]) }}" data-pdf="{{ $paper }}">{{ __('sheet.pdf', ['paper' =>
                    $paper]) }}</a>
            @endforeach
        @endif
        @if ($page->visit->left_at)
            <p>{{ __('sheet.left_at', ['time' => $page->visit->event->clock($page->visit->left_at)]) }}</p>
        @else
            <a class="quiet" href="{{ route('visits.consent', $page->visit) }}">{{ __('consent.title') }}</a>
            <a class="quiet" data-departure href="{{ route('visits.departure', $page->visit) }}">{{ __('visits.leave.title') }}</a>
        @endif
    </div>
    <x-sheet-paper :page="$page" />
</x-layout>
