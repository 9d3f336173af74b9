<x-layout :title="__('visits.arrive.short')" main="arrive">
    <x-slot:head><x-head :title="__('visits.arrive.title')" /></x-slot:head>
    <h1>{{ __('visits.arrive.short') }}</h1>
    @if ($errors->any())
        <p class="problem notice" role="alert">{{ __('common.look_below', ['n' => $errors->count()]) }}</p>
    @endif
    @error('units')
        <p class="problem notice" role="alert">{{ $message }}</p>
    @enderror
    <form method="post" action="{{ route('visits.store') }}" data-arrive novalidate>
        @csrf
        <input type="hidden" name="submission" value="{{ $page->submission }}">
        <input type="hidden" name="units" value="{{ $page->units->value }}">
        <input type="hidden" name="booking" value="{{ old('booking') }}">
        <section class="card-work two" aria-labelledby="family-title">
            <h2 id="family-title">{{ __('visits.arrive.family') }}</h2>
            <x-field :field="$page->familyField('first_name')" :label="__('visits.arrive.first_name')" required />
            <x-field :field="$page->familyField('contact')" :label="__('visits.arrive.contact')" :hint="__('visits.arrive.contact_hint')"
                hx-get="{{ route('visits.before') }}" hx-trigger="change, input changed delay:500ms" hx-target="next .here-before"
                hx-swap="outerHTML" />
            <div class="here-before" role="status"></div>
            <x-choice-field :field="$page->familyField('language')" :label="__('visits.language.title')" :options="$page->languages"
                :chosen="app()->getLocale()" />
            <div class="field car-field">
                <label for="f-vehicle">{{ __('visits.arrive.vehicle') }}</label>
                <input id="f-vehicle" name="vehicle" type="search" autocomplete="off" value="{{ old('vehicle') }}"
                    placeholder="{{ __('visits.arrive.car_example') }}" hx-get="{{ route('visits.cars') }}"
                    hx-trigger="input changed delay:200ms" hx-target="next .car-choices" hx-swap="outerHTML"
                    hx-include="closest .car-field">
                <noscript><button class="quiet" formaction="{{ route('visits.look') }}" formnovalidate>{{ __('common.look')
                    }}</button></noscript>
                <x-car-choices :choices="$page->cars" :chosen="(string) old('layout')" />
                @foreach (['vehicle', 'layout'] as $name)
                    @error($name)
                        <p class="problem" id="f-{{ $name }}-problem">{{ $message }}</p>
                    @enderror
                @endforeach
            </div>
            <x-field :field="$page->familyField('model_year')" :label="__('visits.arrive.model_year')" inputmode="numeric"
                :hint="__('visits.arrive.model_year_hint')" />
            <div class="field">
                <label class="tick"><input type="checkbox" name="consent" value="1" @checked(old('consent'))> <span>{{
                    __('visits.consent') }}</span></label>
                @error('consent')
                    <p class="problem">{{ $message }}</p>
                @enderror
            </div>
        </section>
        @for ($i = 0; $i < $page->children; $i++)
            <x-arriving-child :page="$page" :index="$i" />
        @endfor
        <div class="actions">
            <button class="press">{{ __('visits.arrive.give_ticket') }}</button>
            <button class="quiet" type="button" data-add-child hidden>{{ __('visits.arrive.another') }}</button>
            <a class="quiet" href="{{ route('event') }}">{{ __('common.back_to_event') }}</a>
        </div>
    </form>
</x-layout>
