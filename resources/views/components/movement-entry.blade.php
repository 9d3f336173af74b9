@use('MintBuckle\Core\Facts\Definition\AnswerKind')
@props(['page', 'gauge', 'unit'])
<x-drawing.movement-gauge :drawing="$gauge" />
<x-fact-form :page="$page" class="try" id="new-try">
    <input type="hidden" name="unit" value="{{ $unit }}">
    <legend>Record a try</legend>
    <div class="entry" data-stepper="{{ $page->units->step(AnswerKind::Length) }}">
        <button type="button" class="step" data-step="-1" hidden aria-label="Less">−</button>
        <input name="amount" id="try-amount" aria-label="How far it moved" inputmode="decimal" autocomplete="off"
            value="{{ $page->problemOfTry() ? old('amount') : '' }}">
        <span class="unit">{{ $unit }}</span>
        <button type="button" class="step" data-step="1" hidden aria-label="More">+</button>
    </div>
    <div class="choices">
        @foreach (['side' => 'Side to side', 'front' => 'Front to back', 'up' => 'Up and down'] as $direction => $label)
            <button class="choice" name="key" value="setup.movement.{{ $direction }}">{{ $label }}</button>
        @endforeach
    </div>
    @if ($page->problemOfTry())
        <p class="problem" role="alert">{{ $page->problem }}</p>
    @endif
    <p class="hint">Enter how far it moved, then press the direction. Every try is kept.</p>
    @if ($gauge->isStillLoose())
        <p class="notice" data-still-loose>Still loose after three tries: try the other way of holding it, then another place, then another
            seat.</p>
    @endif
</x-fact-form>
