<x-layout :title="__('sheet.title')" main="sheet">
    <x-slot:head><x-head :title="__('sheet.title')" /></x-slot:head>
    @if ($page === null)
        <section class="card-work empty">
            <h1>{{ __('sheet.gone') }}</h1>
            <p>{{ __('sheet.gone_hint') }}</p>
        </section>
    @else
        <div class="sheet-tools no-print">
            <button class="press" type="button" data-print hidden>{{ __('common.print') }}</button>
            <a class="quiet" href="{{ route('sheet.calendar', $token) }}" data-calendar>{{ __('sheet.calendar') }}</a>
            <a class="quiet" href="{{ route('sheet', [$token, 'large' => $page->isLarge ? 0 : 1]) }}">{{ __($page->isLarge
                ? 'sheet.usual_print' : 'sheet.large_print') }}</a>
        </div>
        <x-sheet-paper :page="$page" />
    @endif
</x-layout>
