@use('App\Checks\FieldName')
<x-layout :title="$page->calculator->title()" main="page">
    <x-slot:head><x-head title="Calculators" :subtitle="$page->calculator->title()" /></x-slot:head>
    @fragment('calculator')
        <div id="calculator" data-calculator="{{ $page->calculator->value }}">
            <div class="page-top">
                <h1>{{ $page->calculator->title() }}</h1>
                <a class="quiet" href="{{ route('calculators.index') }}">All calculators</a>
            </div>
            <div class="calculator">
                <form id="calculator-form" method="get" action="{{ route('calculators.show', $page->calculator->value) }}"
                    class="calculator-form" novalidate hx-get="{{ route('calculators.show', $page->calculator->value) }}"
                    hx-trigger="change delay:100ms, submit" hx-sync="this:replace" hx-target="#calculator" hx-select="#calculator"
                    hx-swap="morph:outerHTML" hx-push-url="true">
                    @foreach ($page->fields as $field)
                        <x-calculator.field :field="$field" :units="$page->units" />
                    @endforeach
                    <div class="choices"><button class="press">Answer</button> <a class="quiet"
                            href="{{ route('calculators.show', $page->calculator->value) }}">Begin again</a></div>
                </form>
                <section class="calculator-answer" aria-live="polite" aria-label="Answer">
                    @if ($page->isBegun())
                        <p class="big calculator-headline" data-answer="{{ $page->headline()->key }}">{{ $page->headline()->sentence }}</p>
                        <x-dynamic-component :component="'calculator.' . $page->calculator->value" :answer="$page->answer()" :page="$page"
                            />
                        @foreach ($page->answer()->findings() as $finding)
                            <x-calculator.finding :finding="$finding" />
                        @endforeach
                        @if ($page->answer()->missing() !== [])
                            <p class="hint">Still open: {{ implode(', ', $page->answer()->missing()) }}.</p>
                        @endif
                    @else
                        <p class="empty">Enter what you know; the answer stands here.</p>
                    @endif
                </section>
            </div>
            @if ($page->isBegun())
                <details class="card-work panel" @if ($errors->any()) open @endif>
                    <summary>Make it a check</summary>
                    <form method="post" action="{{ route('calculators.check', $page->calculator->value) }}" class="two">
                        @csrf
                        <input type="hidden" name="submission" value="{{ Illuminate\Support\Str::uuid() }}">
                        @foreach (Illuminate\Support\Arr::dot($page->typed) as $key => $value)
                            <input type="hidden" name="{{ FieldName::ofTyped($key) }}" value="{{ $value }}">
                        @endforeach
                        <x-field :field="new FieldName('first_name')" label="First name of the family" required />
                        <div class="field"><label class="choice tick"><input type="checkbox" name="consent" value="1"> <span>The family
                                    agrees to the check</span></label>
                            @error('consent')
                                <p class="problem">{{ $message }}</p>
                            @enderror
                        </div>
                        <button class="press">Begin the check</button>
                    </form>
                </details>
            @endif
        </div>
    @endfragment
</x-layout>
