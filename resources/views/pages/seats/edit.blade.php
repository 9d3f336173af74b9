@use('MintBuckle\Core\Facts\ModeName')
@use('MintBuckle\Core\Catalogue\ModelFields')
@use('App\Models\SeatModel')
<x-layout :title="$page->model ? 'Change ' . $page->model->title() : 'Enter a model'" main="page">
    <x-slot:head><x-head title="Seats" :subtitle="$page->model?->title() ?? 'A new model'" /></x-slot:head>
    <div class="page-top">
        <h1>{{ $page->model ? 'Change a rule' : 'Enter a model' }}</h1>
        <p>From its manual, as far as it speaks. What is left empty its maker does not
            say.{{ $page->model ? ' Checks made before keep the rules they were made with.' : '' }}</p>
    </div>
    @if ($errors->any())
        <p class="notice problem" role="alert">Nothing is lost.
            {{ $errors->count() === 1 ? 'One thing needs' : $errors->count() . ' things need' }} another look below.</p>
    @endif
    <form method="post" action="{{ route('seats.store') }}" class="model-form" novalidate hx-post="{{ route('seats.drawing') }}"
        hx-trigger="change delay:200ms" hx-target="#model-drawing" hx-swap="outerHTML" hx-sync="this:replace">
        @csrf
        <input type="hidden" name="before" value="{{ $page->model?->id }}">
        <aside><x-model-drawing :page="$page" /></aside>
        <div class="stack">
            <section class="card-work two">
                <h2>Which kind</h2>
                <div class="field"><label for="m-kind">Kind</label><select id="m-kind" name="kind">
                        @foreach (SeatModel::KINDS as $kind)
                            <option @selected(old('kind', $page->model?->kind) === $kind)>{{ $kind }}</option>
                        @endforeach
                    </select>
                    @error('kind')
                        <p class="problem">{{ $message }}</p>
                    @enderror
                </div>
                <fieldset class="choice-field">
                    <legend>Ways of riding</legend>
                    <div class="choices">
                        @foreach (ModeName::OF_SEATS as $mode)
                            <label class="choice tick"><input type="checkbox" name="modes[]" value="{{ $mode->value }}"
                                    @checked(in_array($mode->value, old('modes', $page->modes), true))>
                                <span>{{ $mode->title() }}</span></label>
                        @endforeach
                    </div>
                </fieldset>
            </section>
            @foreach (ModelFields::simple() as $heading => $fields)
                <section class="card-work two">
                    <h2>{{ $heading }}</h2>
                    @foreach ($fields as $field)
                        <x-model-field :field="$field" :typed="$page->typed" />
                    @endforeach
                </section>
            @endforeach
            @foreach (ModeName::OF_SEATS as $mode)
                <section class="card-work two of-mode" data-mode="{{ $mode->value }}">
                    <h2>{{ $mode->title() }}</h2>
                    @foreach (ModelFields::ofMode($mode) as $field)
                        <x-model-field :field="$field" :typed="$page->typed" />
                    @endforeach
                </section>
            @endforeach
            <p class="hint">A limit may depend: <code>40 lb; 35 lb with lower anchors</code>, <code>under 65 lb</code>, <code>50 lb made
                    from 2024-01-01</code>. Zones and inserts come by JSON; those that a model has are kept.</p>
            <div class="actions"><button class="press">Put it into the catalogue</button><a class="quiet"
                    href="{{ $page->model ? route('seats.show', $page->model) : route('seats.index') }}">Leave it</a></div>
        </div>
    </form>
</x-layout>
