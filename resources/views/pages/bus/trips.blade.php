<x-layout :title="__('trips.history')" main="page">
    <x-slot:head><x-head :title="__('bus.title')" :subtitle="__('trips.history')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('trips.history') }}</h1>
        <p>{{ __('trips.intro') }}</p>
        <p class="no-print">
            <a class="quiet" href="{{ route('bus.plan') }}">{{ __('bus.plan.title') }}</a>
            <button class="quiet" type="button" data-print hidden>{{ __('common.print') }}</button>
        </p>
    </div>
    <nav class="switch no-print" aria-label="{{ __('bus.plan.bus') }}">
        <a href="{{ route('bus.trips') }}" @class(['on' => $page->layout === null])
            @if ($page->layout === null) aria-current="true" @endif>{{ __('trips.every_bus') }}</a>
        @foreach ($page->layouts as $layout)
            <a href="{{ route('bus.trips', ['bus' => $layout->id]) }}" @class(['on' => $layout->is($page->layout)])
                @if ($layout->is($page->layout)) aria-current="true" @endif>{{ $layout->name }}</a>
        @endforeach
    </nav>
    @if ($page->comingBack() !== [])
        <section class="card-work" aria-labelledby="again-title">
            <h2 id="again-title">{{ __('trips.coming_back') }}</h2>
            <ul>
                @foreach ($page->comingBack() as $again)
                    <li>@says($again)</li>
                @endforeach
            </ul>
        </section>
    @endif
    @forelse ($page->trips as $trip)
        <article class="card-work trip-past" data-trip="{{ $trip->id }}">
            <h2><a href="{{ route('bus.trips.show', $trip) }}">{{ $trip->layout->name }} · @tell($page->begun($trip))</a></h2>
            <p>@says($page->state($trip))</p>
            @if ($page->found($trip) !== [])
                <ul>
                    @foreach ($page->found($trip) as $found)
                        <li>@tell($found['where']): @tell($found['told'])</li>
                    @endforeach
                </ul>
            @endif
        </article>
    @empty
        <p class="empty">{{ __('trips.none') }}</p>
    @endforelse
    <p class="actions no-print">
        @if ($page->trips->previousPageUrl() !== null)
            <a class="quiet" href="{{ $page->trips->previousPageUrl() }}" rel="prev">{{ __('trips.later') }}</a>
        @endif
        @if ($page->trips->nextPageUrl() !== null)
            <a class="quiet" href="{{ $page->trips->nextPageUrl() }}" rel="next">{{ __('trips.earlier') }}</a>
        @endif
    </p>
</x-layout>
