<x-layout title="Handbook" main="page handbook">
    <x-slot:head><x-head title="Handbook" subtitle="Every rule, its limits, and where schools differ" /></x-slot:head>
    <div class="page-top">
        <h1>Handbook</h1>
        <form method="get" action="{{ route('handbook') }}" role="search" class="entry search" hx-get="{{ route('handbook') }}"
            hx-trigger="input changed delay:200ms from:#q, submit" hx-target="#rules" hx-select="#rules" hx-swap="outerHTML"
            hx-push-url="true">
            <label class="visually-hidden" for="q">Look for</label>
            <input id="q" name="q" type="search" value="{{ $page->search }}" placeholder="tether, clip, booster"
                autocomplete="off">
            <button class="keep">Look</button>
        </form>
        <nav class="jump" aria-label="Parts"><a href="#rules">Rules</a> <a href="#limits">Limits</a> <a href="#schools">Schools</a></nav>
    </div>
    <p><abbr>P</abbr> published source, <abbr>C</abbr> common practice of the trade, no source, <abbr>M</abbr> written down from memory. The
        seat’s and the vehicle’s instructions stand above all of it; law and a few floors stand below which nothing goes.</p>
    <div id="rules">
        <p role="status">
            {{ $page->count() === 1 ? '1 rule' : $page->count() . ' rules' }}{{ $page->search === '' ? '' : " with “{$page->search}”" }}</p>
        @foreach ($page->stations() as $station)
            <section class="card-work" aria-labelledby="rules-{{ $station->value }}">
                <h2 id="rules-{{ $station->value }}">{{ $station->title() }}</h2>
                <dl class="rules">
                    @foreach ($page->rules[$station->value] as $rule)
                        <div data-rule="{{ $rule->code->value }}">
                            <dt>@tell($rule->title) <code>{{ $rule->code->value }}</code> <abbr>{{ $rule->mark }}</abbr></dt>
                            <dd>@says($rule->when) <span class="weight">@tell($rule->weighs)</span></dd>
                        </div>
                    @endforeach
                </dl>
            </section>
        @endforeach
        @if ($page->schools !== [])
            <section class="card-work" id="schools" aria-labelledby="schools-title">
                <h2 id="schools-title">Where schools differ, and what is done here</h2>
                <dl class="rules">
                    @foreach ($page->schools as [$point, $schools, $here])
                        <div>
                            <dt>@says($point)</dt>
                            <dd>@says($schools). <strong>Here: @tell($here).</strong></dd>
                        </div>
                    @endforeach
                </dl>
            </section>
        @endif
        @if ($page->count() === 0 && $page->schools === [])
            <p class="card-work">No rule has all of these words. Try one of them.</p>
        @endif
    </div>
    <section class="card-work" id="limits" aria-labelledby="limits-title">
        <h2 id="limits-title">Limits of the practices</h2>
        <x-limit-table :table="$page->practices" first="Practice" />
        <h2>What goes with the standard on the label</h2>
        <x-limit-table :table="$page->conventions" first="Standard" />
    </section>
</x-layout>
