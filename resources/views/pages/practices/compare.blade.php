<x-layout :title="__('own_practice.compare.title')" main="page practices">
    <x-slot:head><x-head :title="$page->title" :subtitle="__('own_practice.compare.title')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('own_practice.compare.title') }}</h1>
        <p>{{ __('own_practice.compare.intro', ['here' => $page->here()]) }}</p>
        <a class="quiet" href="{{ $page->back }}">{{ __('own_practice.compare.back') }}</a>
    </div>
    @unless ($ofFile)
        <nav class="switch" aria-label="{{ __('own_practice.compare.with') }}">
            @foreach ($page->others as $other => $name)
                <a href="{{ $page->link($other) }}" data-with="{{ $other }}" @class(['on' => (string) $other === $page->with])
                    @if ((string) $other === $page->with) aria-current="true" @endif>@tell($name)</a>
            @endforeach
        </nav>
    @endunless
    <x-compare-verdicts :page="$page" :comparison="$page->comparison" />
    @unless ($page->comparison->differs())
        <p class="card-work empty" data-same>{{ __('own_practice.compare.same', ['there' => $page->there()]) }}</p>
    @endunless
    @foreach ([['onlyHere', $page->here()], ['onlyThere', $page->there()]] as [$only, $name])
        @if ($page->comparison->{$only} !== [])
            <section class="card-work" data-only="{{ $only }}">
                <h2>{{ __('own_practice.compare.only', ['practice' => $name]) }}</h2>
                @foreach ($page->comparison->{$only} as $finding)
                    <x-calculator.finding :finding="$finding" />
                @endforeach
            </section>
        @endif
    @endforeach
    @foreach ($page->comparison->otherwise as $pair)
        <section class="card-work" data-otherwise="{{ $pair['here']->code->value }}">
            <h2>{{ __('own_practice.compare.otherwise') }}</h2>
            <div class="two">
                <div><p class="hint">@says($page->here())</p><x-calculator.finding :finding="$pair['here']" /></div>
                <div><p class="hint">@says($page->there())</p><x-calculator.finding :finding="$pair['there']" /></div>
            </div>
        </section>
    @endforeach
    @foreach ([['askedHere', $page->here()], ['askedThere', $page->there()]] as [$asked, $name])
        @if ($page->comparison->{$asked} !== [])
            <section class="card-work" data-only="{{ $asked }}">
                <h2>{{ __('own_practice.compare.asked', ['practice' => $name]) }}</h2>
                <ul>
                    @foreach ($page->comparison->{$asked} as $question)
                        <li>@tell($page->question($question))</li>
                    @endforeach
                </ul>
            </section>
        @endif
    @endforeach
    <x-compare-figures :page="$page" :comparison="$page->comparison" />
    <x-compare-schools :heading="__('own_practice.compare.schools')" :points="$page->comparison->points" />
    @if ($page->comparison->touched() !== $page->comparison->points)
        <details class="card-work panel">
            <summary>{{ __('own_practice.compare.touched') }}</summary>
            <x-compare-schools :heading="null" :points="$page->comparison->touched()" />
        </details>
    @endif
    <p class="fine">{{ __('own_practice.compare.caution') }}</p>
</x-layout>
