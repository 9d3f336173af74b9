@use('MintBuckle\Core\Catalogue\ModelFields')
@use('MintBuckle\Core\Catalogue\SeatKind')
@use('MintBuckle\Core\Facts\ModeName')
<x-layout :title="$page->model ? __('catalogue.change_model', ['model' => $page->model->title()]) : __('catalogue.enter')" main="page">
    <x-slot:head><x-head :title="__('catalogue.title')" :subtitle="$page->model?->title() ?? __('catalogue.new')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __($page->model ? 'catalogue.change' : 'catalogue.enter') }}</h1>
        <p>{{ __('catalogue.from_manual') }}
            @if ($page->model)
                {{ __('catalogue.kept') }}
            @endif
        </p>
    </div>
    @if ($errors->any())
        <p class="notice problem" role="alert">{{ __('common.look_below', ['n' => $errors->count()]) }}</p>
    @endif
    @if ($overtaken !== null)
        <x-overtaken :overtaken="$overtaken" />
    @endif
    <form id="model-form" method="post" action="{{ route('seats.store') }}" class="model-form" novalidate
        hx-post="{{ route('seats.drawing') }}" hx-trigger="change delay:200ms" hx-target="#model-drawing" hx-swap="outerHTML"
        hx-sync="this:replace">
        @csrf
        <input type="hidden" name="before" value="{{ $page->model?->id }}">
        <input type="hidden" name="seen" value="{{ old('seen', $page->model?->id) }}">
        <aside><x-model-drawing :page="$page" /></aside>
        <div class="stack">
            <section class="card-work two">
                <h2>{{ __('catalogue.which_kind') }}</h2>
                <div class="field"><label for="m-kind">{{ __('catalogue.kind') }}</label><select id="m-kind" name="kind">
                        @foreach (SeatKind::cases() as $kind)
                            <option value="{{ $kind->value }}" @selected(old('kind', $page->kind?->value) === $kind->value)>{{
                                __("catalogue.kinds.{$kind->value}") }}</option>
                        @endforeach
                    </select>
                    @error('kind')
                        <p class="problem">{{ $message }}</p>
                    @enderror
                </div>
                <fieldset class="choice-field">
                    <legend>{{ __('catalogue.modes') }}</legend>
                    <div class="choices">
                        @foreach (ModeName::OF_SEATS as $mode)
                            <label class="choice tick"><input type="checkbox" name="modes[]" value="{{ $mode->value }}"
                                    @checked(in_array($mode->value, (array) old('modes', $page->modes), true))>
                                <span>@tell($mode->title())</span></label>
                        @endforeach
                    </div>
                </fieldset>
            </section>
            @foreach (ModelFields::simple() as $heading => $fields)
                <section class="card-work two">
                    <h2>{{ __("catalogue.headings.{$heading}") }}</h2>
                    <x-model-fields :page="$page" :fields="$fields" :name="$heading" />
                </section>
            @endforeach
            @foreach (ModeName::OF_SEATS as $mode)
                <section class="card-work two of-mode" data-mode="{{ $mode->value }}">
                    <h2>@tell($mode->title())</h2>
                    <x-model-fields :page="$page" :fields="ModelFields::ofMode($mode)" :name="$mode->value" />
                </section>
            @endforeach
            <x-model-about :page="$page" />
            <div class="actions"><button class="press">{{ __('catalogue.publish') }}</button><a class="quiet"
                    href="{{ $page->model ? route('seats.show', $page->model) : route('seats.index') }}">{{ __('common.leave_it')
                        }}</a></div>
        </div>
    </form>
</x-layout>
