@use('App\Words\Telling')
@use('App\Checks\StepPerformer')
@use('Symfony\Component\Uid\UuidV7')
<x-layout title="Installation card" main="page card-page">
    <x-slot:head><x-head :title="'Ticket ' . $page->check->visit->ticket . ' · Child ' . $page->check->letter" subtitle="Installation card"
        /></x-slot:head>
    @fragment('card')
        <div id="card">
            <div class="page-top">
                <h1>Installation card</h1>
                <nav class="switch" aria-label="Whose hands">
                    @foreach (StepPerformer::cases() as $performer)
                        <a href="{{ route('checks.card', [$page->check->id, $performer->value]) }}"
                            @class(['on' => $performer === $page->performer])
                            @if ($performer === $page->performer) aria-current="true" @endif>{{ $performer->title() }}</a>
                    @endforeach
                </nav>
                <a class="quiet"
                    href="{{ route('checks.show', [$page->check->id, 'left', $page->performer === StepPerformer::Family
                        ? 'handover'
                        : 'secure']) }}">Back
                    to the check</a>
            </div>
            @if ($page->problem !== null)
                <p class="notice problem" role="alert">{{ $page->problem }}</p>
            @endif
            @if ($page->steps === null)
                <p class="card-work">The card is written once the seat is known, how the child rides, and where.</p>
            @else
                <p class="card-progress" role="status" data-done="{{ $page->done() }}">{{ $page->done() }} of {{ count($page->steps) }}
                    done{{ $page->isDone() ? '.' : ', next is step ' . $page->current() . '.' }}</p>
                @if ($page->stops !== [])
                    <div class="notice problem" role="alert">
                        <p>Do not use: as it stands no child may ride in it.</p>
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
                                    value="{{ $step['subject'] }}"><input type="hidden" name="holds"
                                    value="{{ $step['done'] ? '0' : '1' }}">
                                <p class="card-step"><span class="step-number" aria-hidden="true">{{ $step['number'] }}</span>
                                    @says($step['step']->step())</p>
                                <p class="card-check">@says($step['step']->check())
                                    @if ($step['step']->notice !== null)
                                        @says($step['step']->notice)
                                    @endif
                                </p>
                                <button @class(['press' => !$step['done'], 'quiet' => $step['done']]) @disabled($page->signed)
                                    aria-label="Step {{ $step['number'] }}: {{ $step['done']
                                        ? 'not done after all'
                                        : 'done' }}">{{ $step['done'] ? 'Done ✓' : 'Done' }}</button>
                            </form>
                        </li>
                    @endforeach
                </ol>
                @if ($page->isDone() && $page->performer === StepPerformer::Family && !$page->signed)
                    <form class="card-work shown-back" method="post" action="{{ route('facts.store', [$page->check->id, 'handover']) }}">
                        @csrf
                        <input type="hidden" name="id" value="{{ UuidV7::generate() }}"><input type="hidden"
                            name="phase" value="left"><input type="hidden" name="key" value="handover.shown_back">
                        <p>The family has done every step with its own hands.</p>
                        <button class="press" name="answer" value="yes">Shown back: on to the hand-over</button>
                    </form>
                @endif
                <x-steps-panel title="Taking it out again" :steps="$page->takingOut" />
                @if ($page->changeover)
                    <x-steps-panel
                        :title="'To use it as a ' . Telling::now()->tell($page->changeover->to->told())"
                        :steps="$page->changeover->steps"
                    />
                @endif
            @endif
        </div>
    @endfragment
</x-layout>
