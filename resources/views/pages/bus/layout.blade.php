@use('MintBuckle\Core\Facts\BenchSide')
<x-layout :title="__('bus.layout.title')" main="page">
    <x-slot:head><x-head :title="__('bus.layout.title')" :subtitle="$layout?->name ?? __('bus.layout.new')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ $layout?->name ?? __('bus.layout.new') }}</h1>
        <p>{{ __('bus.layout.intro') }}</p>
        <a class="quiet" href="{{ route('bus.plan', ['bus' => $layout?->id]) }}">{{ __('bus.plan.title') }}</a>
    </div>
    @if ($problems !== [] || $errors->any())
        <div class="notice problem" role="alert">
            <p>{{ __('common.unchanged') }}</p>
            <ul>
                @foreach ([...$problems, ...$errors->all()] as $problem)
                    <li>@says($problem)</li>
                @endforeach
            </ul>
        </div>
    @endif
    <form method="post" class="bus-layout" id="bus-layout"
        action="{{ $layout === null ? route('bus.layouts.store') : route('bus.layouts.update', $layout) }}">
        @csrf
        <input type="hidden" name="seen" value="{{ $layout?->seen() }}">
        <button hidden>{{ __('bus.layout.save') }}</button>
        <section class="card-work two" aria-label="{{ __('bus.layout.title') }}">
            <div class="field"><label for="f-name">{{ __('bus.layout.name') }}</label>
                <input id="f-name" name="name" maxlength="60" required autocomplete="off" value="{{ $form->name }}"></div>
            <div class="field"><label for="f-gross">{{ __('bus.layout.gross') }}</label>
                <input id="f-gross" name="gross" autocomplete="off" value="{{ $form->gross }}" placeholder="9600 lb"></div>
        </section>
        <section class="card-work" aria-labelledby="benches-title">
            <h2 id="benches-title">{{ __('bus.layout.benches') }}</h2>
            <p class="hint">{{ __('bus.layout.benches_hint') }}</p>
            <div class="bus-layout-rows">
                @foreach (range(1, $form->rows) as $row)
                    @foreach (BenchSide::cases() as $side)
                        <x-bus-bench :form="$form" :row="$row" :side="$side" />
                    @endforeach
                @endforeach
            </div>
            <p class="actions"><label>{{ __('bus.layout.rows') }} <input name="rows" inputmode="numeric" class="count"
                    value="{{ $form->rows }}"></label>
                <button class="quiet" name="more" value="rows" formnovalidate>{{ __('bus.layout.set_rows') }}</button></p>
        </section>
        <section class="card-work" aria-labelledby="systems-title">
            <h2 id="systems-title">{{ __('bus.layout.systems') }}</h2>
            <p class="hint">{{ __('bus.layout.systems_hint') }}</p>
            @foreach ($form->systems as $number => $system)
                <x-bus-system :form="$form" :system="$system" :number="$number" :fixings="$form->fixings[$number] ?? []" />
            @endforeach
            <button class="quiet" name="more" value="system" formnovalidate>{{ __('bus.layout.another') }}</button>
        </section>
        <section class="card-work" aria-labelledby="roster-title">
            <h2 id="roster-title">{{ __('bus.plan.riders') }}</h2>
            <label for="f-roster">{{ __('bus.plan.roster') }}</label>
            <textarea id="f-roster" name="roster" rows="8" spellcheck="false" autocomplete="off">{{ $form->roster }}</textarea>
            <p class="hint">{{ __('bus.plan.roster_hint') }}</p>
        </section>
        <button class="press">{{ __('bus.layout.save') }}</button>
    </form>
    @if ($layout !== null)
        <form method="post" action="{{ route('bus.layouts.use', $layout) }}">
            @csrf
            <p class="hint">{{ __($layout->retired_at === null ? 'bus.layout.in_use' : 'bus.layout.out') }}
                <button class="quiet">{{ __($layout->retired_at === null ? 'bus.layout.retire' : 'bus.layout.back') }}</button></p>
        </form>
    @endif
</x-layout>
