@use('MintBuckle\Core\Catalogue\LimitText')
@use('MintBuckle\Core\Facts\ModeName')
@use('MintBuckle\Core\Catalogue\ModelFields')
<x-layout :title="$page->model->title()" main="page">
    <x-slot:head><x-head title="Seats" :subtitle="$page->model->title()" /></x-slot:head>
    <div class="page-top">
        <h1>{{ $page->model->title() }}</h1>
        <p>{{ ucfirst($page->model->kind) }}, version {{ $page->model->version }}</p>
        @unless ($page->model->replaced_by)
            <a class="press" href="{{ route('seats.edit', $page->model) }}">Change a rule</a>
        @endunless <a class="quiet" href="{{ route('seats.index') }}">All models</a>
    </div>
    @if ($page->model->replaced_by)
        <p class="notice">A newer version holds now: <a href="{{ route('seats.show', $page->model->replaced_by) }}">look at it</a>. Checks
            made with this one keep it.</p>
    @endif
    <x-model-drawing :page="$page" />
    @if ($page->corrections->isNotEmpty())
        <section class="card-work" aria-labelledby="corrections">
            <h2 id="corrections">Read from the manual at a car</h2>
            @foreach ($page->corrections as $fact)
                <form method="post" action="{{ route('seats.correct', [$page->model, $fact]) }}" class="entry"
                    data-correction="{{ $fact->key }}">@csrf<span><code>{{ substr($fact->key, 5) }}</code>:
                        <strong>{{ LimitText::show($fact->value) ?? json_encode($fact->value) }}</strong>,
                        {{ $fact->note }}, {{ $fact->author->name }}</span><button class="quiet">Take it into the catalogue</button>
                </form>
            @endforeach
        </section>
    @endif
    <div class="two">
        @foreach (ModelFields::simple() as $heading => $fields)
            <x-model-rules :heading="$heading" :fields="$fields" :typed="$page->typed" />
        @endforeach
        @foreach (ModeName::OF_SEATS as $mode)
            @if (in_array($mode->value, $page->modes, true))
                <x-model-rules :heading="$mode->title()" :fields="ModelFields::ofMode($mode)" :typed="$page->typed" />
            @endif
        @endforeach
    </div>
    @if ($page->versions->count() > 1)
        <p>Versions: @foreach ($page->versions as $version)
                <a href="{{ route('seats.show', $version) }}">{{ $version->version }}, {{ $version->created_at->format('j M Y') }}</a>
                @if (!$loop->last)
                    ,
                @endif
            @endforeach
        </p>
    @endif
</x-layout>
