@use('MintBuckle\Core\Finding\Source')
<x-layout :title="__('bus.plan.title')" main="page">
    <x-slot:head><x-head :title="__('bus.plan.title')" :subtitle="__('bus.plan.subtitle')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('bus.plan.title') }}</h1>
        <p>{{ __('bus.plan.intro') }}</p>
        <p><a class="quiet" href="{{ route('bus.trips', ['bus' => $page->layout->id]) }}">{{ __('trips.history') }}</a></p>
    </div>
    <form method="post" action="{{ route('bus.plan') }}" class="bus-plan" id="bus-plan">
        @csrf
        <input type="hidden" name="submission" value="{{ Symfony\Component\Uid\UuidV7::generate() }}">
        <input type="hidden" name="shown" value="{{ $page->layout->id }}">
        <div class="bus-plan-main">
            @if ($page->drawing() !== null)
                <x-drawing.bus-above :drawing="$page->drawing()" />
                <x-bus-move :page="$page" />
            @endif
            <section class="card-work" aria-labelledby="riders-title">
                <h2 id="riders-title">{{ __('bus.plan.riders') }}</h2>
                <label for="f-roster">{{ __('bus.plan.roster') }}</label>
                <textarea id="f-roster" name="roster" rows="9" spellcheck="false" autocomplete="off"
                    aria-describedby="roster-hint">{{ $page->roster }}</textarea>
                <p class="hint" id="roster-hint">{{ __('bus.plan.roster_hint') }}</p>
                @foreach ($page->draft->problems as $problem)
                    <p class="problem">@tell($problem)</p>
                @endforeach
            </section>
        </div>
        <div class="bus-plan-side">
            <x-bus-proposal :page="$page" />
            <section class="card-work" aria-labelledby="bus-title">
                <h2 id="bus-title">{{ __('bus.plan.bus') }}</h2>
                <div class="choices">
                    @foreach ($page->layouts as $layout)
                        <button name="bus" value="{{ $layout->id }}" @class(['choice', 'on' => $layout->is($page->layout)])
                            @if ($layout->is($page->layout)) aria-pressed="true" @endif>{{ $layout->name }}</button>
                    @endforeach
                </div>
                <p class="actions"><a class="quiet" href="{{ route('bus.layouts.edit', $page->layout) }}">{{
                    __('bus.layout.change') }}</a> <a class="quiet" href="{{ route('bus.layouts.create') }}">{{
                    __('bus.layout.new') }}</a></p>
                <p class="hint">{{ __('bus.plan.belts', ['seats' => Source::BusSeats->title(), 'anchors' =>
                    Source::Anchorages->title()]) }}</p>
                <h3>{{ __('bus.plan.stock') }}</h3>
                @foreach ($page->stock() as $system)
                    <div class="field stock">
                        <label for="f-count-{{ $system['id'] }}">{{ $system['id'] }} · @tell($system['kind'])</label>
                        <input id="f-count-{{ $system['id'] }}" name="count[{{ $system['id'] }}]" inputmode="numeric"
                            value="{{ $system['count'] }}">
                    </div>
                @endforeach
                <button class="quiet" formaction="{{ route('bus.layouts.roster', $page->layout) }}">{{
                    __('bus.layout.keep_roster') }}</button>
            </section>
        </div>
    </form>
</x-layout>
