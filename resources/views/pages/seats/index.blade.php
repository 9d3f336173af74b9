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
    <form method="get" role="search" class="entry search"><label class="visually-hidden" for="q">{{ __('catalogue.search')
        }}</label><input id="q" type="search" name="q" value="{{ $words }}"
            placeholder="{{ __('catalogue.search_example') }}"><button class="keep">{{ __('common.look') }}</button></form>
    @if ($models->isEmpty())
        <p class="card-work empty">
            {{ __($words === '' ? 'catalogue.empty' : 'catalogue.none') }}
        </p>
    @endif
    <ul class="calculators seats">
        @foreach ($models as $model)
            <li><a class="card-work" href="{{ route('seats.show', $model) }}"
                    data-model="{{ $model->model }}"><strong>{{ $model->title() }}</strong>
                    <span>{{ __('catalogue.kind_version', ['kind' => __("catalogue.kinds.{$model->kind}"), 'n' => $model->version])
                        }}</span></a></li>
        @endforeach
    </ul>
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
