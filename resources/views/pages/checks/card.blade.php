
@use('App\Checks\StepPerformer')
@use('Symfony\Component\Uid\UuidV7')
<x-layout :title="__('checks.card.title')" main="page card-page">
    <x-slot:head><x-head :title="$page->check->title()" :subtitle="__('checks.card.title')"
        /></x-slot:head>
    @fragment('card')
        <div id="card">
            <div class="page-top">
                <h1>{{ __('checks.card.title') }}</h1>
                <nav class="switch" aria-label="{{ __('checks.card.hands') }}">
                    @foreach (StepPerformer::cases() as $performer)
                        <a href="{{ route('checks.card', [$page->check->id, $performer->value]) }}"
                            @class(['on' => $performer === $page->performer])
                            @if ($performer === $page->performer) aria-current="true" @endif>{{
                                __("checks.card.performer.{$performer->value}") }}</a>
                    @endforeach
                </nav>
                <a class="quiet"
                    href="{{ route('checks.show', [$page->check->id, 'left', $page->performer === StepPerformer::Family
                        ? 'handover'
                        : 'secure']) }}">{{ __('checks.back') }}</a>
            </div>
            @if ($page->performer === StepPerformer::Family && !$page->signed)
                <x-card-adults :page="$page" />
            @endif
            @if ($page->problem !== null)
                <p class="notice problem" role="alert">{{ $page->problem }}</p>
            @endif
            @in($page->language())
            <div lang="{{ $page->language() }}">
                @if ($page->steps === null)
                    <p class="card-work">{{ __('checks.card.empty') }}</p>
                @else
                    <p class="card-progress" role="status" data-done="{{ $page->done() }}">{{ __('checks.card.progress', [
                        'done' => $page->done(),
                        'of' => count($page->steps),
                        'all' => $page->isDone(),
                        'next' => $page->current(),
                    ]) }}</p>
                    @if ($page->stops !== [])
                        <div class="notice problem" role="alert">
                            <p>{{ __('checks.card.stopped') }}</p>
                            <ul>
                                @foreach ($page->stops as $stop)
                                    <li>@says($stop)</li>
                                @endforeach
                            </ul>
                        </div>
                    @endif
                    @if ($page->notice !== null)
                        <p class="notice problem">@says($page->notice)</p>
                    @endif
                    <ol class="card-steps">
                        @foreach ($page->steps as $step)
                            <li @class([
                                'card-work',
                                'done' => $step['done'],
                                'current' => $step['number'] === $page->current(),
                            ]) data-step-number="{{ $step['number'] }}"
                                data-step="{{ $step['step']->code->value }}">
                                <form method="post" action="{{ route('card.store', [$page->check->id, $page->performer->value]) }}"
                                    hx-post="{{ route('card.store', [$page->check->id, $page->performer->value]) }}" hx-target="#card"
                                    hx-swap="morph:outerHTML">
                                    @csrf
                                    <input type="hidden" name="id" value="{{ UuidV7::generate() }}"><input
                                        type="hidden" name="phase" value="left"><input type="hidden" name="subject"
                                        value="{{ $step['subject'] }}"><input type="hidden" name="adult" value="{{ $page->adult }}">
                                    <p class="card-step"><span class="step-number" aria-hidden="true">{{ $step['number'] }}</span>
                                        @says($step['step']->step())</p>
                                    <p class="card-check">@says($step['step']->check())
                                        @if ($step['step']->notice !== null)
                                            @says($step['step']->notice)
                                        @endif
                                    </p>
                                    @if ($page->performer === StepPerformer::Family)
                                        <x-card-how :step="$step" :signed="$page->signed" />
                                    @else
                                        <button @class(['press' => !$step['done'], 'quiet' => $step['done']]) @disabled($page->signed)
                                            name="holds" value="{{ $step['done'] ? '0' : '1' }}"
                                            aria-label="{{ __('checks.card.press', ['step' => $step['number'],
                                                'done' => $step['done']]) }}">{{ __($step['done']
                                                    ? 'checks.card.done_mark' : 'checks.card.done') }}</button>
                                    @endif
                                </form>
                            </li>
                        @endforeach
                    </ol>
                    @if ($page->showBack->isDone() && $page->performer === StepPerformer::Family && !$page->signed)
                        <form class="card-work shown-back" data-shown-back
                            method="post" action="{{ route('facts.store', [$page->check->id, 'handover'])
                            }}">
                            @csrf
                            <input type="hidden" name="id" value="{{ UuidV7::generate() }}"><input type="hidden"
                                name="phase" value="left"><input type="hidden" name="key" value="handover.shown_back">
                            <p>{{ __('checks.card.family_done') }}</p>
                            <button class="press" name="answer" value="yes">{{ __('checks.card.shown_back') }}</button>
                        </form>
                    @endif
                    @if ($page->performer === StepPerformer::Family && $page->next !== [])
                        <section class="card-work"><x-what-next :next="$page->next" /></section>
                    @endif
                    <x-steps-panel :title="__('checks.taking_out')" :steps="$page->takingOut" />
                    @if ($page->changeover)
                        <x-steps-panel
                            :title="__('checks.changeover', ['mode' => $page->changeover->to->told()])"
                            :steps="$page->changeover->steps"
                        />
                    @endif
                @endif
            </div>
            @endin
        </div>
    @endfragment
</x-layout>
