@props(['page', 'unit'])
<form class="try" method="post" action="{{ route('facts.store', [$page->check->id, $page->station->value]) }}" id="new-try" novalidate
    hx-post="{{ route('facts.store', [$page->check->id, $page->station->value]) }}" hx-target="#check" hx-swap="morph:outerHTML">
    @csrf
    <input type="hidden" name="id" value="{{ Illuminate\Support\Str::uuid7() }}">
    <input type="hidden" name="track" value="{{ $page->track->value }}">
    <input type="hidden" name="unit" value="{{ $unit }}">
    <fieldset @disabled($page->check->signed_at !== null)>
        <legend>Record a try</legend>
        <div class="entry" data-stepper="{{ $page->units->step(MintBuckle\Core\Asking\AnswerKind::Length) }}">
            <button type="button" class="step" data-step="-1" hidden aria-label="Less">−</button>
            <input name="amount" id="try-amount" aria-label="How far it moved" inputmode="decimal" autocomplete="off" value="{{ $page->problemOfTry() ? old('amount') : '' }}">
            <span class="unit">{{ $unit }}</span>
            <button type="button" class="step" data-step="1" hidden aria-label="More">+</button>
        </div>
        <div class="choices">
            @foreach (['side' => 'Side to side', 'front' => 'Front to back', 'up' => 'Up and down'] as $direction => $label)
                <button class="choice" name="key" value="setup.movement.{{ $direction }}">{{ $label }}</button>
            @endforeach
        </div>
        @if ($page->problemOfTry())<p class="problem" role="alert">{{ $page->problem }}</p>@endif
        <p class="hint">Enter how far it moved, then press the direction. Every try is kept.</p>
    </fieldset>
</form>
