@use('MintBuckle\Core\Facts\ModeName')
@use('MintBuckle\Core\Catalogue\ModelFields')
@use('App\Models\SeatModel')
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
        <div class="notice problem" role="alert" data-overtaken="{{ $overtaken[0]->version }}">
            <p>{{ __('catalogue.overtaken', ['n' => $overtaken[0]->version, 'model' => $overtaken[0]->title()]) }}</p>
            <ul>
                @foreach ($overtaken[1] as [$label, $was, $is])
                    <li>@tell($label): {{ $was === '' ? __('catalogue.not_said') : $was }} → {{ $is === '' ? __('catalogue.not_said') : $is
                        }}</li>
                @endforeach
            </ul>
            <p><a href="{{ route('seats.show', $overtaken[0]) }}">{{ __('catalogue.look_at_it') }}</a></p>
        </div>
    @endif
    <form method="post" action="{{ route('seats.store') }}" class="model-form" novalidate hx-post="{{ route('seats.drawing') }}"
        hx-trigger="change delay:200ms" hx-target="#model-drawing" hx-swap="outerHTML" hx-sync="this:replace">
        @csrf
        <input type="hidden" name="before" value="{{ $page->model?->id }}">
        <input type="hidden" name="seen" value="{{ old('seen', $page->model?->id) }}">
        <aside><x-model-drawing :page="$page" /></aside>
        <div class="stack">
            <section class="card-work two">
                <h2>{{ __('catalogue.which_kind') }}</h2>
                <div class="field"><label for="m-kind">{{ __('catalogue.kind') }}</label><select id="m-kind" name="kind">
                        @foreach (SeatModel::KINDS as $kind)
                            <option value="{{ $kind }}" @selected(old('kind', $page->model?->kind) === $kind)>{{
                                __("catalogue.kinds.{$kind}") }}</option>
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
                    @foreach ($fields as $field)
                        <x-model-field :field="$field" :typed="$page->typed" />
                    @endforeach
                </section>
            @endforeach
            @foreach (ModeName::OF_SEATS as $mode)
                <section class="card-work two of-mode" data-mode="{{ $mode->value }}">
                    <h2>@tell($mode->title())</h2>
                    @foreach (ModelFields::ofMode($mode) as $field)
                        <x-model-field :field="$field" :typed="$page->typed" />
                    @endforeach
                </section>
            @endforeach
            <p class="hint">{{ __('catalogue.may_depend') }} <code>40 lb; 35 lb with lower anchors</code>, <code>under 65 lb</code>,
                <code>50 lb made from 2024-01-01</code>{{ __('catalogue.by_json') }}</p>
            <div class="actions"><button class="press">{{ __('catalogue.publish') }}</button><a class="quiet"
                    href="{{ $page->model ? route('seats.show', $page->model) : route('seats.index') }}">{{ __('common.leave_it')
                        }}</a></div>
        </div>
    </form>
</x-layout>
