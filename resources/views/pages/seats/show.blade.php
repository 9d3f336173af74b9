@use('MintBuckle\Core\Catalogue\AboutModel')
@use('MintBuckle\Core\Catalogue\LimitText')
@use('MintBuckle\Core\Facts\ModeName')
@use('MintBuckle\Core\Catalogue\ModelFields')
<x-layout :title="$page->model->title()" main="page">
    <x-slot:head><x-head :title="__('catalogue.title')" :subtitle="$page->model->title()" /></x-slot:head>
    <div class="page-top">
        <h1>{{ $page->model->title() }}</h1>
        <p>{{ __('catalogue.kind_version', ['kind' => __('catalogue.kinds.' . $page->model->kind), 'n' => $page->model->version]) }}</p>
        @if (!$page->model->replaced_by && Gate::allows('publish'))
            <a class="press" href="{{ route('seats.edit', $page->model) }}">{{ __('catalogue.change') }}</a>
        @endif <a class="quiet" href="{{ route('seats.index') }}">{{ __('catalogue.all') }}</a>
    </div>
    @if ($page->model->replaced_by)
        <p class="notice">{{ __('catalogue.newer') }} <a href="{{ route('seats.show', $page->model->replaced_by) }}">{{
            __('catalogue.newer_link') }}</a>{{ __('catalogue.newer_keep') }}</p>
    @endif
    <x-model-drawing :page="$page" />
    @if ($page->corrections->isNotEmpty() && Gate::allows('publish'))
        <section class="card-work" aria-labelledby="corrections">
            <h2 id="corrections">{{ __('catalogue.corrections') }}</h2>
            @foreach ($page->corrections as $fact)
                <form method="post" action="{{ route('seats.correct', [$page->model, $fact]) }}" class="entry"
                    data-correction="{{ $fact->key }}">@csrf<span>{{ __("facts.{$fact->key}.short") }} <code>{{ substr($fact->key, 5)
                        }}</code>:
                        <strong>{{ LimitText::show($fact->value) ?? json_encode($fact->value) }}</strong>,
                        {{ $fact->note }}, {{ $fact->author->name }}</span><button class="quiet">{{ __('catalogue.correct') }}</button>
                </form>
            @endforeach
        </section>
    @endif
    <div class="two">
        @foreach (ModelFields::simple() as $heading => $fields)
            <x-model-rules :heading="__('catalogue.headings.' . $heading)" :fields="$fields" :typed="$page->typed" />
        @endforeach
        @foreach (ModeName::OF_SEATS as $mode)
            @if (in_array($mode->value, $page->modes, true))
                <x-model-rules :heading="__('modes.' . $mode->value . '.title')" :fields="ModelFields::ofMode($mode)"
                    :typed="$page->typed" />
            @endif
        @endforeach
    </div>
    @if ($page->about !== [])
        <section class="card-work" aria-labelledby="about">
            <h2 id="about">{{ __('catalogue.about.title') }}</h2>
            <dl class="rules">
                @foreach (AboutModel::TEXTS as $key)
                    @isset($page->about[$key])
                        <div data-about="{{ $key }}">
                            <dt>{{ __("catalogue.about.{$key}") }}</dt>
                            <dd>{{ $page->about[$key] }}</dd>
                        </div>
                    @endisset
                @endforeach
                @if (($page->about['parts'] ?? []) !== [])
                    <div data-about="parts">
                        <dt>{{ __('catalogue.about.parts') }}</dt>
                        <dd>{{ implode(', ', array_column($page->about['parts'], 'name')) }}</dd>
                    </div>
                @endif
            </dl>
        </section>
    @endif
    @if ($page->versions->count() > 1)
        <p>{{ __('catalogue.versions') }} @foreach ($page->versions as $version)
                <a href="{{ route('seats.show', $version) }}">{{ __('catalogue.dated', ['n' => $version->version, 'day' =>
                    $version->created_at]) }}</a>
                @if (!$loop->last)
                    ,
                @endif
            @endforeach
        </p>
    @endif
</x-layout>
