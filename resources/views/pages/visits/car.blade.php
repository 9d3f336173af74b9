<x-layout title="Plan of the car" main="page car-page">
    <x-slot:head><x-head :title="'Ticket ' . $page->visit->ticket . ' · ' . ($page->visit->family?->first_name ?? 'A family')"
        :subtitle="$page->visit->vehicle" /></x-slot:head>
    <div class="page-top">
        <h1>Plan of the car</h1>
        <a class="quiet" href="{{ route('event') }}">Back to the event</a>
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }} Nothing was changed.</p>
    @endif
    @if ($page->visit->left_at)
        <p class="notice">This family has left. The plan can be read, not changed.</p>
    @endif
    <div class="car-plan">
        <div>
            <x-drawing.car-plan :drawing="$page->drawing" />
            <p class="hint">Solid: where everybody is. Dashed: the proposal. Drag a seat to another place, or press the place below.</p>
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
                <h2 id="proposals">Proposals</h2>
                @if ($page->answer->impossible !== null)
                    <p class="problem">Nobody can be seated here so that every rule holds. What stands in the way:</p>
                    <ul>
                        @foreach ($page->answer->impossible as $obstacle)
                            <li data-obstacle="{{ $obstacle->constraint }}">@says($obstacle->words)</li>
                        @endforeach
                    </ul>
                @elseif ($page->isBest())
                    <p>No better places are known than those that everybody has.</p>
                @endif
                @foreach ($page->proposals() as $number => $plan)
                    <form method="post" action="{{ route('visits.seat', $page->visit) }}"
                        @class(['proposal', 'shown' => $number === $page->plan])
                        data-proposal="{{ $number }}">
                        @csrf
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
                                @disabled($page->visit->left_at !== null)>Accept</button>
                            @if ($number !== $page->plan)
                                <a class="quiet" href="{{ route('visits.car',
                                    ['visit' => $page->visit, 'plan' => $number, 'keep' => $page->keep]) }}">Show it in the car</a>
                            @endif
                        </div>
                    </form>
                @endforeach
            </section>
        </div>
    </div>
    <section class="card-work" aria-labelledby="the-car">
        <h2 id="the-car">The car</h2>
        @if ($page->promises() !== [])
            <p>A car of {{ $page->request->vehicle->modelYear }}: expect, then look. The years are from memory.</p>
            <ul class="plain-list promises">
                @foreach ($page->promises() as $promise)
                    <li data-expected="{{ $promise->expected ? 'yes' : 'no' }}">
                        <strong>{{ $promise->expected ? 'Expect' : 'Do not count on' }}</strong> {{ lcfirst($promise->words) }}
                        <small>{{ $promise->source->text }}</small></li>
                @endforeach
            </ul>
        @endif
        @foreach ($page->request->vehicle->positions as $position)
            <x-car-place :page="$page" :position="$position" />
        @endforeach
        <form method="post" action="{{ route('visits.layout', $page->visit) }}" class="entry layout-form">
            @csrf @method('PUT')
            <label for="layout">Another arrangement of places</label>
            <select id="layout" name="layout">
                @foreach ($page->layouts as $layout)
                    <option value="{{ $layout->id }}">{{ $layout->name }}</option>
                @endforeach
            </select>
            <button class="quiet" @disabled($page->visit->left_at !== null)>Use it</button>
        </form>
    </section>
</x-layout>
