@use('MintBuckle\Core\Drill\Quiz\QuizKind')
@use('Symfony\Component\Uid\UuidV7')
<x-layout :title="__('practice.title')" main="page">
    <x-slot:head><x-head :title="__('practice.title')" :subtitle="__('practice.subtitle')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('practice.subtitle') }}</h1>
        <p>{{ __('practice.intro') }}</p>
    </div>
    <section class="card-work" aria-labelledby="new-title">
        <h2 id="new-title">{{ __('practice.new') }}</h2>
        <form method="post" action="{{ route('practice.store') }}">
            @csrf
            <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
            <div class="choices">
                @foreach ($page->levels() as $level)
                    <button class="press" name="level" value="{{ $level }}">{{ __('practice.level', ['level' => $level]) }}</button>
                @endforeach
            </div>
        </form>
    </section>
    @if ($page->due !== [])
        <section class="card-work" aria-labelledby="due-title" data-due="{{ count($page->due) }}">
            <h2 id="due-title">{{ __('practice.due') }}</h2>
            <p>{{ __('practice.due_hint', ['n' => count($page->due)]) }}</p>
            <form method="post" action="{{ route('practice.store') }}">
                @csrf
                <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
                <button class="press" name="repeat" value="{{ $page->due[0] }}">{{ __('practice.repeat') }}</button>
            </form>
        </section>
    @endif
    <section class="card-work" aria-labelledby="fixed-title">
        <h2 id="fixed-title">{{ __('practice.sets') }}</h2>
        <form method="post" action="{{ route('practice.store') }}">
            @csrf
            <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
            <div class="choices">
                @foreach ($page->fixed() as $fixed)
                    <button class="choice" name="fixed" value="{{ $fixed->value }}">@tell($page->called($fixed))</button>
                @endforeach
            </div>
        </form>
    </section>
    <section class="card-work" aria-labelledby="quiz-title">
        <h2 id="quiz-title">{{ __('quiz.more') }}</h2>
        <div class="choices">
            @foreach (QuizKind::cases() as $kind)
                <a class="choice" href="{{ route('practice.quiz', $kind->value) }}">@tell($kind->title())</a>
            @endforeach
            <a class="choice" href="{{ route('practice.order') }}">{{ __('quiz.lay.title') }}</a>
        </div>
    </section>
    <section class="card-work" aria-labelledby="class-title">
        <h2 id="class-title">{{ __('practice.class.classes') }}</h2>
        @can('teach')
            <p><a class="quiet" href="{{ route('practice.class.create') }}">{{ __('practice.class.new') }}</a></p>
        @endcan
        @if ($page->classes->isNotEmpty())
            <ul class="practice-map">
                @foreach ($page->classes as $class)
                    <li><a href="{{ route('practice.class.show', $class) }}">{{ $class->title }}</a></li>
                @endforeach
            </ul>
        @endif
    </section>
    <section class="card-work" aria-labelledby="map-title">
        <h2 id="map-title">{{ __('practice.map') }}</h2>
        @forelse ($page->stations() as $station => $codes)
            <h3>{{ __("stations.{$station}.title") }}</h3>
            <ul class="practice-map">
                @foreach ($codes as $seen)
                    <li>@tell($seen['title']) <span class="hint">{{ __('practice.seen', ['found' => $seen['found'], 'met' => $seen['met']])
                        }}</span></li>
                @endforeach
            </ul>
        @empty
            <p class="empty">{{ __('practice.no_map') }}</p>
        @endforelse
    </section>
    @if ($page->last->isNotEmpty())
        <section class="card-work" aria-labelledby="last-title">
            <h2 id="last-title">{{ __('practice.last') }}</h2>
            <ul class="practice-map">
                @foreach ($page->last as $attempt)
                    <li><a href="{{ route('practice.show', $attempt) }}">@tell($page->title($attempt))</a> <span class="hint">{{
                        __($attempt->ended_at === null ? 'practice.open' : 'practice.percent', ['percent' => $attempt->score()->percent])
                        }}</span></li>
                @endforeach
            </ul>
        </section>
    @endif
    <p class="hint">{{ __('practice.caution') }}</p>
</x-layout>
