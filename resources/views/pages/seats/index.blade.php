@use('MintBuckle\Core\Catalogue\SeatKind')
@use('MintBuckle\Core\Facts\ModeName')
<x-layout :title="__('catalogue.title')" main="page">
    <x-slot:head><x-head :title="__('catalogue.title')" :subtitle="__('catalogue.subtitle')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('catalogue.title') }}</h1>
        @can('publish')
            <a class="press" href="{{ route('seats.create') }}">{{ __('catalogue.enter') }}</a>
        @endcan
    </div>
    @if (session('problems'))
        <div class="notice problem" role="alert">
            <p>{{ __('catalogue.refused') }}</p>
            <ul class="problems">
                @foreach (session('problems') as $problem)
                    <li>{{ $problem }}</li>
                @endforeach
            </ul>
        </div>
    @endif
    <form method="get" role="search" class="filters seat-search" hx-get="{{ route('seats.index') }}" hx-select="#seats" hx-target="#seats"
        hx-swap="outerHTML" hx-push-url="true" hx-trigger="input changed delay:250ms, change, submit">
        <div class="field"><label for="q">{{ __('catalogue.search') }}</label><input id="q" type="search" name="q"
                value="{{ $page->words }}" placeholder="{{ __('catalogue.search_example') }}" autocomplete="off"></div>
        <div class="field"><label for="kind">{{ __('catalogue.kind') }}</label><select id="kind" name="kind">
                <option value="">{{ __('catalogue.any_kind') }}</option>
                @foreach (SeatKind::cases() as $kind)
                    <option value="{{ $kind->value }}" @selected($kind === $page->kind)>{{ __("catalogue.kinds.{$kind->value}") }}</option>
                @endforeach
            </select></div>
        <div class="field"><label for="ride">{{ __('catalogue.modes') }}</label><select id="ride" name="ride">
                <option value="">{{ __('catalogue.any_ride') }}</option>
                @foreach (ModeName::OF_SEATS as $mode)
                    <option value="{{ $mode->value }}" @selected($mode === $page->ride)>@tell($mode->title())</option>
                @endforeach
            </select></div>
        <button class="keep">{{ __('common.look') }}</button>
    </form>
    <div id="seats">
        @if ($page->models->isEmpty())
            <p class="card-work empty">
                {{ __($page->isFiltered() ? 'catalogue.none' : 'catalogue.empty') }}
            </p>
        @else
            <p class="hint" role="status">{{ __('catalogue.how_many', ['n' => $page->models->total()]) }}</p>
        @endif
        <ul class="calculators seats">
            @foreach ($page->models as $model)
                <li><a class="card-work" href="{{ route('seats.show', $model) }}"
                        data-model="{{ $model->model }}"><strong>{{ $model->title() }}</strong>
                        <span>{{ __('catalogue.kind_version', ['kind' => __("catalogue.kinds.{$model->kind}"), 'n' => $model->version])
                            }}</span>
                        @forelse ($page->glance($model)->lines as $line)
                            <span class="glance"><b>@tell($line['mode']->title())</b> @tell($line['limits'])</span>
                        @empty
                            <span class="glance">{{ __('catalogue.glance.nothing') }}</span>
                        @endforelse
                    </a></li>
            @endforeach
        </ul>
        <x-pages :pages="$page->models" />
    </div>
    <section class="card-work" aria-labelledby="files">
        <h2 id="files">{{ __('catalogue.files') }}</h2>
        <p>{{ __('catalogue.files_hint') }}</p>
        @can('publish')
        <form method="post" action="{{ route('seats.import') }}" enctype="multipart/form-data" class="entry">@csrf<label
                class="visually-hidden" for="f-models">{{ __('catalogue.file') }}</label><input id="f-models" type="file" name="models"
                accept=".json,.csv">
            @error('models')
                <span class="problem">{{ $message }}</span>
            @enderror
            <button class="quiet">{{ __('catalogue.take_file') }}</button>
        </form>
        @endcan
        <p><a class="quiet" href="{{ route('seats.export', 'json') }}">{{ __('common.export_json') }}</a> <a class="quiet"
                href="{{ route('seats.export', 'csv') }}">{{ __('common.export_csv') }}</a></p>
    </section>
</x-layout>
