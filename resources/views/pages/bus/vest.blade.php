@use('MintBuckle\Core\Bus\VestStep')
@use('MintBuckle\Present\Drawing\VestView')
<x-layout :title="__('vest.title')" main="page">
    <x-slot:head><x-head :title="__('vest.title')" :subtitle="__('bus.title')" /></x-slot:head>
    <div id="vest" class="vest-guide" data-step-now="{{ $step->value }}">
        <div class="page-top">
            <h1>{{ __('vest.title') }}</h1>
            <p class="no-print">
                <a class="quiet" href="{{ $check === null ? route('bus.index') : route('checks.show', [$check, 'left', 'bus']) }}">{{
                    __($check === null ? 'bus.title' : 'vest.to_check') }}</a>
                <button class="quiet" type="button" data-print hidden>{{ __('common.print') }}</button>
            </p>
        </div>
        <div class="vest-now no-print">
            <x-drawing.vest :drawing="VestView::at($step)" />
            <section class="card-work" aria-live="polite">
                <p class="hint">{{ __('vest.where', [
                    'aboard' => $step->isAboard(),
                    'n' => $step->number(),
                    'of' => count(VestStep::cases()),
                ]) }}</p>
                <p class="vest-step">@says($step->step())</p>
                <p class="card-check">@says($step->check())</p>
                <p class="vest-turn">
                    @if ($step->before() !== null)
                        <a class="quiet" data-key="["
                            href="{{ route('bus.vest', ['step' => $step->before()->number(), 'check' => $check]) }}">{{
                            __('vest.back') }}</a>
                    @endif
                    <a class="press" data-key="]" href="{{ route('bus.vest', ['step' => $step->after()?->number() ?? 1, 'check' => $check])
                        }}">{{ __($step->after() === null ? 'vest.again' : 'vest.next') }}</a>
                </p>
            </section>
        </div>
        <details class="card-work panel" data-all-steps>
            <summary>{{ __('vest.all') }}</summary>
            @foreach (['before_boarding' => false, 'on_bench' => true] as $part => $aboard)
                <h2>{{ __("vest.{$part}") }}</h2>
                <ol>
                    @foreach (VestStep::cases() as $one)
                        @continue($one->isAboard() !== $aboard)
                        <li value="{{ $one->number() }}">@says($one->step()) <span class="hint">@says($one->check())</span></li>
                    @endforeach
                </ol>
            @endforeach
        </details>
        <p class="hint">{{ __('vest.intro') }}</p>
    </div>
</x-layout>
