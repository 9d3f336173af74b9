@use('App\Words\Telling')
<x-layout :title="Telling::now()->tell($page->kind->title())" main="page">
    <x-slot:head><x-head :title="__('practice.title')" :subtitle="Telling::now()->tell($page->kind->title())" /></x-slot:head>
    <div class="page-top">
        <h1>@tell($page->kind->title())</h1>
        <a class="quiet" href="{{ route('practice') }}">{{ __('practice.title') }}</a>
    </div>
    <section class="card-work quiz" aria-labelledby="quiz-title" data-right="{{ $page->answer === null ? '' : ($page->isRight()
        ? 'yes'
        : 'no') }}">
        <h2 id="quiz-title">@says($page->question->asked)</h2>
        @foreach ($page->question->acts as [$act, $seen])
            <details class="drill-row">
                <summary>@tell($act)</summary>
                <p class="drill-value">@says($seen)</p>
            </details>
        @endforeach
        @if ($page->answer === null)
            <form method="get" action="{{ route('practice.quiz', $page->kind->value) }}" class="choices quiz-options">
                <input type="hidden" name="seed" value="{{ $page->seed }}">
                @foreach ($page->question->options as $number => $option)
                    <button class="choice" name="answer" value="{{ $number }}">@tell($option)</button>
                @endforeach
            </form>
        @else
            <div role="status">
                <p class="big"><x-buckle-mark :size="40" :state="$page->isRight() ? 'good_to_ride' : 'fix_first'" />
                    {{ $page->isRight() ? __('quiz.right') : __('quiz.wrong', ['right' => $page->rightOne()]) }}</p>
                <p>@says($page->question->because)</p>
            </div>
            <a class="press" href="{{ route('practice.quiz', [$page->kind->value, 'seed' => $page->nextSeed()]) }}">{{
                __('quiz.next') }}</a>
        @endif
    </section>
</x-layout>
