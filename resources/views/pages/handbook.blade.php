<x-layout :title="__('handbook.title')" main="page handbook">
    <x-slot:head><x-head :title="__('handbook.title')" :subtitle="__('handbook.subtitle')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('handbook.title') }}</h1>
        <form method="get" action="{{ route('handbook') }}" role="search" class="entry search" hx-get="{{ route('handbook') }}"
            hx-trigger="input changed delay:200ms from:#q, submit" hx-target="#rules" hx-select="#rules" hx-swap="outerHTML"
            hx-push-url="true">
            <label class="visually-hidden" for="q">{{ __('handbook.look_for') }}</label>
            <input id="q" name="q" type="search" value="{{ $page->search }}" placeholder="{{ __('handbook.example') }}"
                autocomplete="off">
            <button class="keep">{{ __('common.look') }}</button>
        </form>
        <nav class="jump" aria-label="{{ __('handbook.parts') }}"><a href="#rules">{{ __('handbook.rules') }}</a> <a href="#limits">{{
            __('handbook.limits') }}</a> <a href="#schools">{{ __('handbook.schools') }}</a></nav>
    </div>
    <p><abbr>P</abbr> {{ __('handbook.published') }} <abbr>C</abbr> {{ __('handbook.common') }} <abbr>M</abbr> {{ __('handbook.memory')
        }}</p>
    <div id="rules">
        <p role="status">
            {{ __('handbook.count', ['n' => $page->count(), 'searched' => $page->search !== '', 'search' => $page->search]) }}</p>
        @foreach ($page->stations() as $station)
            <section class="card-work" aria-labelledby="rules-{{ $station->value }}">
                <h2 id="rules-{{ $station->value }}">@tell($station->title())</h2>
                <dl class="rules">
                    @foreach ($page->rules[$station->value] as $rule)
                        <div data-rule="{{ $rule->code->value }}">
                            <dt>@tell($rule->title) <code>{{ $rule->code->value }}</code> <abbr>@tell($rule->mark)</abbr></dt>
                            <dd>@says($rule->when) <span class="weight">@tell($rule->weighs)</span></dd>
                        </div>
                    @endforeach
                </dl>
            </section>
        @endforeach
        @if ($page->schools !== [])
            <section class="card-work" id="schools" aria-labelledby="schools-title">
                <h2 id="schools-title">{{ __('handbook.schools_title') }}</h2>
                <dl class="rules">
                    @foreach ($page->schools as [$point, $schools, $here])
                        <div>
                            <dt>@says($point)</dt>
                            <dd>@says($schools). <strong>{{ __('handbook.here', ['what' => $here]) }}</strong></dd>
                        </div>
                    @endforeach
                </dl>
            </section>
        @endif
        @if ($page->count() === 0 && $page->schools === [])
            <p class="card-work">{{ __('handbook.nothing') }}</p>
        @endif
    </div>
    <section class="card-work" id="limits" aria-labelledby="limits-title">
        <h2 id="limits-title">{{ __('handbook.limits_title') }}</h2>
        <x-limit-table :table="$page->practices" :first="__('handbook.practice')" />
        <h2>{{ __('handbook.standards_title') }}</h2>
        <x-limit-table :table="$page->conventions" :first="__('handbook.standard')" />
    </section>
</x-layout>
