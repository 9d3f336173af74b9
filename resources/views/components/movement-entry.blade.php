@use('MintBuckle\Core\Facts\Definition\AnswerKind')
@props(['page', 'gauge', 'unit'])
@include('components.drawing.movement-gauge', ['drawing' => $gauge])
<x-fact-form :page="$page" class="try" id="new-try">
    <input type="hidden" name="unit" value="{{ $unit }}">
    <legend>{{ __('checks.try.title') }}</legend>
    <div class="entry" data-stepper="{{ $page->units->step(AnswerKind::Length) }}">
        <button type="button" class="step" data-step="-1" hidden aria-label="{{ __('common.less_step') }}">−</button>
        <input name="amount" id="try-amount" aria-label="{{ __('checks.try.amount') }}" inputmode="decimal" autocomplete="off"
            value="{{ $page->problemOfTry() ? old('amount') : '' }}">
        <span class="unit">{{ __("telling.symbol.{$unit}") }}</span>
        <button type="button" class="step" data-step="1" hidden aria-label="{{ __('common.more_step') }}">+</button>
    </div>
    <div class="choices">
        @foreach (['side', 'front', 'up'] as $direction)
            <button class="choice" name="key" value="setup.movement.{{ $direction }}">{{ __("checks.try.direction.{$direction}") }}</button>
        @endforeach
    </div>
    @if ($page->problemOfTry())
        <p class="problem" role="alert">{{ $page->problem }}</p>
    @endif
    <p class="hint">{{ __('checks.try.hint') }}</p>
    @if ($gauge->isStillLoose())
        <p class="notice" data-still-loose>{{ __('checks.try.still_loose') }}</p>
    @endif
</x-fact-form>
@include('components.movement-trail', ['lines' => $page->trail()])
