@use('Symfony\Component\Uid\UuidV7')
<x-layout :title="__('visits.car.title')" main="page car-page">
    <x-slot:head><x-head :title="__('visits.whose', [
        'ticket' => $page->visit->ticket,
        'family' => $page->visit->family?->first_name ?? __('visits.a_family'),
    ])"
        :subtitle="$page->visit->vehicle" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('visits.car.title') }}</h1>
        <a class="quiet" href="{{ route('event') }}">{{ __('common.back_to_event') }}</a>
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }} {{ __('common.unchanged') }}</p>
    @endif
    @if ($page->visit->left_at)
        <p class="notice">{{ __('visits.car.signed') }}</p>
    @endif
    <div class="car-plan">
        <div>
            <x-drawing.car-plan :drawing="$page->drawing" />
            <p class="hint">{{ __('visits.car.legend') }}</p>
        </div>
        <div class="stack">
            @foreach ($page->visit->checks->values() as $index => $check)
                <x-rider-card :page="$page" :rider="$page->request->riders[$index]" :check="$check" :findings="$page->now->findings[$index]"
                    :unknown="$page->now->unknown[$index]" />
            @endforeach
            @if ($page->now->tooWide)
                <article class="finding finding-fix" data-code="place.too_wide"><x-finding-words :finding="$page->now->tooWide" /></article>
            @endif
            <section class="card-work" aria-labelledby="proposals">
                <h2 id="proposals">{{ __('visits.car.proposals') }}</h2>
                @if ($page->answer->impossible !== null)
                    <p class="problem">{{ __('visits.car.impossible') }}</p>
                    <ul>
                        @foreach ($page->answer->impossible as $obstacle)
                            <li data-obstacle="{{ $obstacle->constraint }}">@says($obstacle->words)</li>
                        @endforeach
                    </ul>
                @elseif ($page->isBest())
                    <p>{{ __('visits.car.best') }}</p>
                @endif
                @foreach ($page->proposals() as $number => $plan)
                    <form method="post" action="{{ route('visits.seat', $page->visit) }}"
                        @class(['proposal', 'shown' => $number === $page->plan])
                        data-proposal="{{ $number }}">
                        @csrf
                        <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
                        <h3>
                            @foreach ($plan->places as $rider => $place)
                                <span>{{ $rider }} → {{ $place }}</span>
                            @endforeach
                        </h3>
                        @foreach ($plan->places as $rider => $place)
                            <input type="hidden" name="places[{{ $rider }}]" value="{{ $place }}">
                        @endforeach
                        <ul>
                            @foreach ($plan->why as $why)
                                <li>@says($why)</li>
                            @endforeach
                        </ul>
                        <div class="choices">
                            <button @class(['press' => $number === 0, 'quiet' => $number > 0])
                                @disabled($page->visit->left_at !== null)>{{ __('visits.car.accept') }}</button>
                            @if ($number !== $page->plan)
                                <a class="quiet" href="{{ route('visits.car',
                                    ['visit' => $page->visit, 'plan' => $number, 'keep' => $page->keep]) }}">{{ __('visits.car.show') }}</a>
                            @endif
                        </div>
                    </form>
                @endforeach
            </section>
        </div>
    </div>
    <section class="card-work" aria-labelledby="the-car">
        <h2 id="the-car">{{ __('visits.car.the_car') }}</h2>
        @if ($page->promises() !== [])
            <p>{{ __('visits.car.promises', ['year' => (string) $page->request->vehicle->modelYear]) }}</p>
            <ul class="plain-list promises">
                @foreach ($page->promises() as $promise)
                    <li data-expected="{{ $promise->expected ? 'yes' : 'no' }}">
                        <strong>{{ __($promise->expected ? 'visits.car.expect' : 'visits.car.do_not_expect') }}</strong>
                        @tell($promise->told()) <small>@tell($promise->source->text())</small></li>
                @endforeach
            </ul>
        @endif
        @foreach ($page->request->vehicle->positions as $position)
            <x-car-place :page="$page" :position="$position" />
        @endforeach
        <form method="post" action="{{ route('visits.layout', $page->visit) }}" class="entry layout-form">
            @csrf @method('PUT')
            <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
            <label for="layout">{{ __('visits.car.layout') }}</label>
            <select id="layout" name="layout">
                @foreach ($page->layouts as $layout)
                    <option value="{{ $layout->id }}">@tell($layout->title())</option>
                @endforeach
            </select>
            <button class="quiet" @disabled($page->visit->left_at !== null)>{{ __('visits.car.use_layout') }}</button>
        </form>
    </section>
</x-layout>
