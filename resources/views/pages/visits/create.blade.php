<x-layout title="Arrive" main="arrive">
    <x-slot:head><x-head title="A family arrives" /></x-slot:head>
    <h1>Arrive</h1>
    @if ($errors->any())
        <p class="problem notice" role="alert">Nothing is lost.
            {{ $errors->count() === 1 ? 'One thing needs' : $errors->count() . ' things need' }} another look below.</p>
    @endif
    @error('units')
        <p class="problem notice" role="alert">{{ $message }}</p>
    @enderror
    <form method="post" action="{{ route('visits.store') }}" data-arrive novalidate>
        @csrf
        <input type="hidden" name="submission" value="{{ $page->submission }}">
        <input type="hidden" name="units" value="{{ $page->units->value }}">
        <section class="card-work two" aria-labelledby="family-title">
            <h2 id="family-title">Family and car</h2>
            <x-field :field="$page->familyField('first_name')" label="First name" required />
            <x-field :field="$page->familyField('contact')" label="Contact" hint="Only if they want follow-up." />
            <x-field :field="$page->familyField('vehicle')" label="Car: maker and model" required />
            <x-field :field="$page->familyField('model_year')" label="Model year" inputmode="numeric" />
            <x-choice-field :field="$page->familyField('layout')" label="Seats in the car"
                :options="$page->layouts->pluck('name', 'id')->all()" />
            <div class="field">
                <label class="tick"><input type="checkbox" name="consent" value="1" @checked(old('consent'))> <span>The family
                        agrees to the check</span></label>
                @error('consent')
                    <p class="problem">{{ $message }}</p>
                @enderror
            </div>
        </section>
        @for ($i = 0; $i < $page->children; $i++)
            <x-arriving-child :page="$page" :index="$i" />
        @endfor
        <div class="actions">
            <button class="press">Give a ticket</button>
            <button class="quiet" type="button" data-add-child hidden>Another child</button>
            <a class="quiet" href="{{ route('event') }}">Back to the event</a>
        </div>
    </form>
</x-layout>
