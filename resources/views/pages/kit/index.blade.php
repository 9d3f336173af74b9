<x-layout :title="__('kit.title')" main="page">
    <x-slot:head><x-head :title="__('kit.title')" :subtitle="$page->event->name" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('kit.title') }}</h1>
        <p>{{ __('kit.intro') }}</p>
        <a class="quiet" href="{{ route('event') }}">{{ __('events.title') }}</a>
    </div>
    @if ($errors->any())
        <p class="notice problem" role="alert">{{ $errors->first() }}</p>
    @endif
    <section class="card-work scroll kit" tabindex="0" aria-labelledby="kit-table">
        <h2 id="kit-table" class="visually-hidden">{{ __('kit.title') }}</h2>
        <table>
            <thead>
                <tr>
                    @foreach (['thing', 'left', 'taken', 'by_hand', 'minimum'] as $column)
                        <th scope="col">{{ __("kit.columns.{$column}") }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($page->lines as $line)
                    <x-kit-line :line="$line" />
                @endforeach
            </tbody>
        </table>
        @can('manage')
            <form id="minima" method="post" action="{{ route('kit.minima') }}">
                @csrf @method('PUT')
                <button class="press">{{ __('kit.keep_minima') }}</button>
            </form>
        @endcan
    </section>
    <section class="card-work" aria-labelledby="given-title">
        <h2 id="given-title">{{ __('kit.given') }}</h2>
        @if ($page->given->isEmpty())
            <p class="empty">{{ __('kit.none_given') }}</p>
        @endif
        <ul class="plain-list">
            @foreach ($page->given as $check)
                <li data-given="{{ $check->id }}"><a href="{{ route('checks.log', $check) }}">{{ __('checks.title', [
                    'ticket' => $check->visit->ticket, 'letter' => $check->letter]) }}</a>
                    <span>{{ $check->maker }} {{ $check->model }}</span>
                    <span>{{ __('kit.made', ['known' => $check->made_on !== null, 'made' => (string) $check->made_on]) }}</span></li>
            @endforeach
        </ul>
    </section>
</x-layout>
