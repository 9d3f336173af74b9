@use('MintBuckle\Core\Facts\Definition\AnswerKind')
<x-layout :title="__('bus.title')" main="page">
    <x-slot:head><x-head :title="__('bus.title')" :subtitle="__('bus.subtitle')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('bus.check.title') }}</h1>
        <p>{{ __('bus.check.intro') }}</p>
        <a class="quiet" href="{{ route('bus.plan') }}">{{ __('bus.plan.title') }}</a>
        <a class="quiet" href="{{ route('bus.vest') }}">{{ __('vest.title') }}</a>
        <a class="quiet" href="{{ route('bus.trips') }}">{{ __('trips.history') }}</a>
    </div>
    <nav class="switch" aria-label="{{ __('bus.plan.bus') }}">
        <a href="{{ route('bus.index') }}" @class(['on' => $page->bus === null])
            @if ($page->bus === null) aria-current="true" @endif>{{ __('bus.check.any') }}</a>
        @foreach ($page->buses as $bus)
            <a href="{{ route('bus.index', ['bus' => $bus->id]) }}" @class(['on' => $bus->is($page->bus)])
                @if ($bus->is($page->bus)) aria-current="true" @endif>{{ $bus->name }}</a>
        @endforeach
    </nav>
    @if ($page->riders() !== [])
        <p class="bus-riders">{{ __('bus.check.who') }}
            @foreach ($page->riders() as $rider)
                <a class="choice" href="{{ route('bus.index', ['bus' => $page->bus->id, 'rider' => $rider]) }}">{{ $rider }}</a>
            @endforeach
        </p>
    @endif
    @can('record')
        <form method="post" action="{{ route('bus.checks.store') }}" class="bus-check">
            @csrf
            <input type="hidden" name="submission" value="{{ old('submission', Illuminate\Support\Str::uuid()) }}">
            <input type="hidden" name="units" value="{{ $page->units->value }}">
            <section class="card-work two" aria-labelledby="rider-title">
                <h2 id="rider-title">{{ __('bus.check.rider') }}</h2>
                <x-field :field="$page->field('first_name')" :label="__('visits.arrive.first_name')" autocomplete="off" required />
                <x-field :field="$page->field('born_on')" :label="__('visits.arrive.born')" autocomplete="off"
                    :hint="__('visits.arrive.born_hint')" />
                <x-field :field="$page->field('weight')" :label="__('visits.arrive.weight')"
                    :unit="$page->units->for(AnswerKind::Mass)->symbol()" inputmode="decimal" />
                <x-field :field="$page->field('height')" :label="__('visits.arrive.height')"
                    :unit="$page->units->for(AnswerKind::Length)->symbol()" inputmode="decimal" />
            </section>
            <section class="card-work two" aria-labelledby="bench-title">
                <h2 id="bench-title">{{ __('bus.check.bench') }}</h2>
                <x-choice-field :field="$page->field('system')" :label="__('facts.bus.system.question')" :options="$page->systems()" />
                <x-field :field="$page->field('seat')" :label="__('bus.check.seat')" :options="$page->models()"
                    :hint="__('bus.check.seat_hint')" />
                @if ($page->bus !== null)
                    <input type="hidden" name="bus" value="{{ $page->bus->id }}">
                    <x-field :field="$page->field('bench')" :label="__('bus.check.which_bench')" :options="$page->benches()" required />
                @else
                    <x-field :field="$page->field('row')" :label="__('facts.bus.bench.row.question')" inputmode="numeric" required />
                    <x-choice-field :field="$page->field('side')" :label="__('facts.bus.bench.side.question')" :options="$page->sides()" />
                @endif
            </section>
            <section class="card-work">
                <div class="field"><label class="tick"><input type="checkbox" name="consent" value="1" @checked(old('consent'))> <span>{{
                    __('visits.consent') }}</span></label>
                    @error('consent')
                        <p class="problem">{{ $message }}</p>
                    @enderror
                </div>
                <button class="press">{{ __('bus.check.begin') }}</button>
            </section>
        </form>
    @endcan
</x-layout>
