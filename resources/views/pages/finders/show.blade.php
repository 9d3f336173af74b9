<x-layout :title="$page->finder->title()" main="page">
    <x-slot:head><x-head title="Finders" :subtitle="$page->finder->title()" /></x-slot:head>
    @fragment('finder')
    <div id="finder" data-finder="{{ $page->finder->value }}">
        <div class="page-top">
            <h1>{{ $page->finder->title() }}</h1>
            <a class="quiet" href="{{ route('finders.index') }}">All finders</a>
        </div>
        <div class="finder">
            <form id="finder-form" method="get" action="{{ route('finders.show', $page->finder->value) }}" class="finder-form" novalidate
                hx-get="{{ route('finders.show', $page->finder->value) }}" hx-trigger="change delay:100ms, submit" hx-sync="this:replace" hx-target="#finder" hx-select="#finder" hx-swap="morph:outerHTML" hx-push-url="true">
                @foreach ($page->fields as $field)
                    <x-finder.field :field="$field" :units="$page->units" />
                @endforeach
                <div class="choices"><button class="press">Answer</button> <a class="quiet" href="{{ route('finders.show', $page->finder->value) }}">Begin again</a></div>
            </form>
            <section class="finder-answer" aria-live="polite" aria-label="Answer">
                @if ($page->isBegun())
                    <p class="big finder-headline" data-answer="{{ $page->headline()->key }}">{{ $page->headline()->sentence }}</p>
                    <x-dynamic-component :component="'finder.' . $page->finder->value" :answer="$page->answer()" :page="$page" />
                    @foreach ($page->answer()->findings() as $finding)
                        <x-finder.finding :finding="$finding" />
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
                <form method="post" action="{{ route('finders.check', $page->finder->value) }}" class="two">
                    @csrf
                    <input type="hidden" name="submission" value="{{ Illuminate\Support\Str::uuid() }}">
                    @foreach (Illuminate\Support\Arr::dot($page->typed) as $key => $value)
                        <input type="hidden" name="{{ App\Pages\FieldName::ofTyped($key) }}" value="{{ $value }}">
                    @endforeach
                    <x-field :field="new App\Pages\FieldName('first_name')" label="First name of the family" required />
                    <div class="field"><label class="choice tick"><input type="checkbox" name="consent" value="1"> <span>The family agrees to the check</span></label>@error('consent')<p class="problem">{{ $message }}</p>@enderror</div>
                    <button class="press">Begin the check</button>
                </form>
            </details>
        @endif
    </div>
    @endfragment
</x-layout>
