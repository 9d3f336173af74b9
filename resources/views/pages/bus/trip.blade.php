@use('App\Words\Telling')
@use('Symfony\Component\Uid\UuidV7')
<x-layout :title="__('trips.title')" main="page trip-page">
    <x-slot:head><x-head :title="$page->trip->layout->name" :subtitle="__('trips.title')" /></x-slot:head>
    @fragment('trip')
        <div id="trip" data-open="{{ count($page->record->open()) }}">
            <div class="page-top">
                <h1>{{ __('trips.heading', ['bus' => $page->trip->layout->name]) }}</h1>
                <p>@says($page->begun())</p>
                <p class="no-print">
                    <a class="quiet" href="{{ route('bus.trips', ['bus' => $page->trip->bus_layout_id]) }}">{{ __('trips.history') }}</a>
                    <button class="quiet" type="button" data-print hidden>{{ __('common.print') }}</button>
                </p>
            </div>
            @if ($page->problem !== null)
                <p class="notice problem" role="alert">{{ $page->problem }}</p>
            @endif
            @foreach ($errors->all() as $error)
                <p class="notice problem" role="alert">{{ $error }}</p>
            @endforeach
            @if ($page->signed() !== null)
                <p class="notice trip-signed">@says($page->signed())</p>
            @elseif ($page->initials === null)
                <form method="post" action="{{ route('bus.trips.initials', $page->trip) }}" class="card-work trip-initials">
                    @csrf
                    <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
                    <label for="trip-initials">{{ __('trips.whose') }}</label>
                    <input id="trip-initials" name="initials" maxlength="4" autocomplete="off" autocapitalize="characters" required>
                    <button class="press">{{ __('trips.start') }}</button>
                </form>
            @endif
            @foreach ($page->benches() as $bench)
                <x-trip-bench :bench="$bench" :page="$page" />
            @endforeach
            <div class="trip-bar" role="status">
                <p>@says($page->progress())
                    @if ($page->isOpen())
                        <span class="hint">{{ __('trips.as', ['initials' => $page->initials]) }}</span>
                    @endif
                </p>
                @if ($page->signed() !== null)
                    <form id="trip-again" method="post" action="{{ route('bus.trips.again', $page->trip) }}" class="no-print">
                        @csrf
                        <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
                        <button class="press">{{ __('trips.next') }}</button>
                    </form>
                @elseif ($page->isOpen() && $page->record->maySetOff())
                    <form id="trip-sign" method="post" action="{{ route('bus.trips.sign', $page->trip) }}">
                        @csrf
                        <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
                        <input type="hidden" name="initials" value="{{ $page->initials }}">
                        <button class="press">{{ __('trips.sign', ['initials' => $page->initials]) }}</button>
                    </form>
                @endif
            </div>
            @if ($page->record->leftOut() !== [])
                <p class="notice problem">{{ __('trips.left_out') }}</p>
            @endif
            <p class="hint">{{ __('trips.every') }}</p>
        </div>
    @endfragment
</x-layout>
