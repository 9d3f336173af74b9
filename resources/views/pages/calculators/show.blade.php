@use('App\Checks\FieldName')
@use('MintBuckle\Core\Telling\Listing')
@use('App\Words\Telling')
<x-layout :title="Telling::now()->tell($page->calculator->title())" main="page">
    <x-slot:head><x-head :title="__('calculators.title')" :subtitle="Telling::now()->tell($page->calculator->title())" /></x-slot:head>
    @fragment('calculator')
        <div id="calculator" data-calculator="{{ $page->calculator->value }}">
            <div class="page-top">
                <h1>@tell($page->calculator->title())</h1>
                @if ($page->check !== null)
                    <p>@tell($page->who())</p>
                    <a class="quiet" href="{{ route('checks.show', [$page->check->id, 'left', 'label']) }}">{{ __('flight.back') }}</a>
                @else
                    <a class="quiet" href="{{ route('calculators.index') }}">{{ __('calculators.all') }}</a>
                @endif
            </div>
            <div class="calculator">
                <form id="calculator-form" method="get" action="{{ route('calculators.show', $page->calculator->value) }}"
                    class="calculator-form" novalidate hx-get="{{ route('calculators.show', $page->calculator->value) }}"
                    hx-trigger="change delay:100ms, submit" hx-sync="this:replace" hx-target="#calculator" hx-select="#calculator"
                    hx-swap="morph:outerHTML" hx-push-url="true">
                    @if ($page->check !== null)
                        <input type="hidden" name="check" value="{{ $page->check->id }}">
                    @endif
                    @if ($searched)
                        <div class="field"><label for="model">{{ __('catalogue.search_short') }}</label><input id="model" type="search"
                                name="model" value="{{ is_string(request('model')) ? request('model') : '' }}" autocomplete="off"
                                placeholder="{{ __('catalogue.search_short_example') }}"></div>
                    @endif
                    @foreach ($page->parts() as $part => $fields)
                        @if ($part !== '')
                            <h2>{{ __("flight.parts.{$part}") }}</h2>
                        @endif
                        @foreach ($fields as $field)
                            <x-calculator.field :field="$field" :units="$page->units" />
                        @endforeach
                    @endforeach
                    <div class="choices"><button class="press">{{ __('calculators.answer') }}</button> <a class="quiet"
                            href="{{ $page->address('calculators.show', ['f' => []]) }}">{{ __('calculators.afresh') }}</a></div>
                </form>
                <section class="calculator-answer" aria-live="polite" aria-label="{{ __('calculators.answer') }}">
                    @if ($page->isBegun())
                        <p class="big calculator-headline" data-answer="{{ $page->headline()->key }}">@says($page->headline()->told)</p>
                        <x-dynamic-component :component="'calculator.' . $page->calculator->value" :answer="$page->answer()" :page="$page"
                            />
                        @foreach ($page->answer()->findings() as $finding)
                            <x-calculator.finding :finding="$finding" />
                        @endforeach
                        @if ($page->answer()->missing() !== [])
                            <p class="hint">{{ __('calculators.open', ['what' => Listing::names($page->answer()->missing())]) }}</p>
                        @endif
                    @else
                        <p class="empty">{{ __('calculators.empty') }}</p>
                    @endif
                </section>
            </div>
            @if ($page->isBegun())
                <p><a class="quiet" href="{{ $page->address('calculators.practices') }}" data-practices>{{
                    __('own_practice.compare.short') }}</a></p>
            @endif
            @if ($page->isBegun() && $page->check === null)
                <details class="card-work panel" @if ($errors->any()) open @endif>
                    <summary>{{ __('calculators.make_check') }}</summary>
                    <form method="post" action="{{ route('calculators.check', $page->calculator->value) }}" class="two">
                        @csrf
                        <input type="hidden" name="submission" value="{{ Illuminate\Support\Str::uuid() }}">
                        @foreach (Illuminate\Support\Arr::dot($page->typed) as $key => $value)
                            <input type="hidden" name="{{ FieldName::ofTyped($key) }}" value="{{ $value }}">
                        @endforeach
                        <x-field :field="new FieldName('first_name')" :label="__('calculators.first_name')" required />
                        <div class="field"><label class="tick"><input type="checkbox" name="consent" value="1"> <span>{{
                            __('visits.consent') }}</span></label>
                            @error('consent')
                                <p class="problem">{{ $message }}</p>
                            @enderror
                        </div>
                        <button class="press">{{ __('calculators.begin') }}</button>
                    </form>
                </details>
            @endif
        </div>
    @endfragment
</x-layout>
