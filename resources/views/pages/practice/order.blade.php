<x-layout :title="__('quiz.lay.title')" main="page">
    <x-slot:head><x-head :title="__('practice.title')" :subtitle="__('quiz.lay.title')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('quiz.lay.title') }}</h1>
        <a class="quiet" href="{{ route('practice') }}">{{ __('practice.title') }}</a>
    </div>
    <section class="card-work quiz" id="order" aria-labelledby="order-title" data-right="{{ $page->isWhole()
        ? ($page->moved() === [] ? 'yes' : 'no')
        : '' }}">
        <h2 id="order-title">{{ __('quiz.lay.asked', ['seat' => $page->order->seat, 'mode' => $page->order->mode]) }}</h2>
        @if ($page->isWhole())
            <p class="big" role="status"><x-buckle-mark :size="40" :state="$page->moved() === [] ? 'good_to_ride' : 'fix_first'" />
                {{ $page->moved() === [] ? __('quiz.lay.right') : __('quiz.lay.wrong', ['n' => count($page->moved())]) }}</p>
            <h3>{{ __('quiz.lay.card') }}</h3>
            <ol class="steps-laid">
                @foreach ($page->order->steps as $number => $step)
                    <li @class(['moved' => in_array($number, $page->moved(), true)])><span>@tell($step->step()) <small
                        class="hint">@tell($step->check())</small></span>
                        @if (in_array($number, $page->moved(), true))
                            <small>{{ __('quiz.lay.moved') }}</small>
                        @endif
                    </li>
                @endforeach
            </ol>
            <div class="choices">
                <a class="press" href="{{ route('practice.order', ['seed' => $page->nextSeed()]) }}">{{ __('quiz.next') }}</a>
                <a class="quiet" href="{{ route('practice.order', ['seed' => $page->seed]) }}">{{ __('quiz.lay.again') }}</a>
            </div>
        @else
            <form method="get" action="{{ route('practice.order') }}" hx-get="{{ route('practice.order') }}" hx-target="#order"
                hx-select="#order" hx-swap="morph:outerHTML" hx-push-url="true" id="order-form">
                <input type="hidden" name="seed" value="{{ $page->seed }}">
                <h3>{{ __('quiz.lay.laid') }}</h3>
                <ol class="steps-laid" aria-live="polite">
                    @forelse ($page->laid as $number)
                        <li id="laid-{{ $number }}"><span>@tell($page->step($number)->step())</span>
                            <button class="quiet" name="laid" value="{{ $page->without($number) }}"
                                aria-label="{{ __('quiz.lay.take_out_of', [
                                'step' => $page->step($number)->step(),
                            ]) }}">{{ __('quiz.lay.take_out') }}</button></li>
                    @empty
                        <li>{{ __('quiz.lay.none') }}</li>
                    @endforelse
                </ol>
                <h3>{{ __('quiz.lay.left') }}</h3>
                <div class="choices quiz-options">
                    @foreach ($page->left() as $number)
                        <button class="choice" id="step-{{ $number }}" name="laid"
                            value="{{ $page->with($number) }}">@tell($page->step($number)->step())</button>
                    @endforeach
                </div>
            </form>
        @endif
    </section>
</x-layout>
