@use('App\Checks\FieldName')
@use('App\Events\EventForm')
@use('App\Events\LawFigure')
@use('App\Models\CheckupEvent')
<x-layout :title="__('events.plan')" main="page">
    <x-slot:head><x-head :title="__('events.plan')" :subtitle="$page->event->name" /></x-slot:head>
    <div class="page-top">
        <h1>{{ $page->event->exists ? $page->event->name : __('events.new') }}</h1>
        <p>{{ __('events.plan_intro') }}</p>
        <a class="quiet" href="{{ route('events.index') }}">{{ __('events.all') }}</a>
    </div>
    @if ($page->templates->isNotEmpty())
        <form method="get" action="{{ route('events.create') }}" class="template-choice">
            <label for="as">{{ __('events.as') }}</label>
            <select id="as" name="as">
                @foreach ($page->templates as $template)
                    <option value="{{ $template->id }}" @selected($template->id === request()->integer('as'))>{{ __('events.as_one', [
                        'name' => $template->name, 'day' => $template->held_on]) }}</option>
                @endforeach
            </select>
            <button class="quiet">{{ __('events.as_take') }}</button>
        </form>
    @endif
    <form method="post" id="event-form" class="event-form" novalidate
        action="{{ $page->event->exists ? route('events.update', $page->event) : route('events.store') }}">
        @csrf
        @if ($page->event->exists)
            @method('PUT')
        @endif
        <div class="stack">
            <section class="card-work two" aria-labelledby="when-title">
                <h2 id="when-title">{{ __('events.when') }}</h2>
                <x-field :field="new FieldName('name')" :label="__('events.name')" :value="$page->event->name" required />
                <x-field :field="new FieldName('place')" :label="__('events.place')" :value="$page->event->place" />
                <x-field :field="new FieldName('held_on')" type="date" :label="__('events.day')"
                    :value="$page->event->held_on->toDateString()" required />
                <x-field :field="new FieldName('timezone')" :label="__('events.timezone')" :value="$page->event->timezone" list="timezones"
                    required />
                <x-field :field="new FieldName('opens_at')" type="time" :label="__('events.opens')"
                    :value="CheckupEvent::short($page->event->opens_at)" />
                <x-field :field="new FieldName('closes_at')" type="time" :label="__('events.closes')"
                    :value="CheckupEvent::short($page->event->closes_at)" />
                <x-field :field="new FieldName('bays')" type="number" :label="__('events.bays')" :value="$page->event->bays" min="1"
                    max="60" />
                <x-field :field="new FieldName('expected_seats')" type="number" :label="__('events.expected')"
                    :value="$page->event->expected_seats" min="0" />
                <x-field :field="new FieldName('minutes_per_seat')" type="number" :label="__('events.minutes')"
                    :value="$page->event->minutes_per_seat" :hint="__('events.minutes_hint')" min="5" />
                <x-field :field="new FieldName('walk_in_share')" type="number" :label="__('events.walk_ins')"
                    :value="$page->event->walk_in_share" :hint="__('events.walk_ins_hint')" min="0" max="100" />
                <datalist id="timezones">
                    @foreach (timezone_identifiers_list() as $zone)
                        <option value="{{ $zone }}"></option>
                    @endforeach
                </datalist>
            </section>
            <section class="card-work" aria-labelledby="crew-title">
                <h2 id="crew-title">{{ __('events.crew') }}</h2>
                <div class="stack">
                    @foreach ($page->people as $person)
                        <x-crew-line :person="$person" :certificate="$page->certificate($person)"
                            :works="in_array($person->id, old('crew', $page->crew), false)" />
                    @endforeach
                </div>
            </section>
            <section class="card-work two" aria-labelledby="rules-title">
                <h2 id="rules-title">{{ __('events.rules') }}</h2>
                <x-choice-field :field="new FieldName('practice')" :label="__('events.practice')" :options="EventForm::practices()"
                    :chosen="$page->event->practice" />
                @if (count($page->copies) > 1)
                    <x-choice-field :field="new FieldName('practice_copy_id')" :label="__('own_practice.title')"
                        :options="$page->copies" :chosen="(string) $page->event->practice_copy_id" />
                @endif
                <p><a class="quiet" href="{{ route('practices.index') }}">{{ __('own_practice.title') }}</a></p>
                <x-choice-field :field="new FieldName('crash_policy')" :label="__('events.crash.title')"
                    :options="EventForm::crashPolicies()" :chosen="$page->event->crash_policy" />
                <label class="tick"><input type="checkbox" name="second_signer" value="1" @checked(old('second_signer',
                    $page->event->second_signer))> <span>{{ __('events.second') }}</span></label>
            </section>
            <section class="card-work" aria-labelledby="law-title">
                <h2 id="law-title">{{ __('events.law.title') }}</h2>
                <p class="hint">{{ __('events.law.hint') }}</p>
                @foreach (LawFigure::cases() as $figure)
                    <x-law-figure :figure="$figure" :event="$page->event" />
                @endforeach
            </section>
            <button class="press">{{ __('accounts.keep') }}</button>
        </div>
        <aside class="card-work" aria-labelledby="capacity-title">
            <h2 id="capacity-title">{{ __('events.capacity.title') }}</h2>
            <div hx-get="{{ route('events.capacity') }}" hx-include="#event-form" hx-target="#capacity" hx-swap="outerHTML"
                hx-trigger="load, change from:#event-form delay:200ms, input from:#event-form delay:500ms" hx-sync="this:replace"
                hx-params="not _token,_method">
                <div id="capacity"><p class="empty">{{ __('events.capacity.nothing') }}</p></div>
            </div>
        </aside>
    </form>
</x-layout>
