@props(['name', 'label', 'hint' => null, 'required' => true, 'autocomplete' => 'off', 'inputmode' => null])
<div class="field">
    <label for="s-{{ $name }}">{{ $label }}</label>
    <input id="s-{{ $name }}" name="{{ $name }}" type="password" autocomplete="{{ $autocomplete }}" @required($required)
        @if ($inputmode !== null) inputmode="{{ $inputmode }}" @endif
        @error($name) aria-invalid="true" aria-describedby="s-{{ $name }}-problem" @enderror>
    @if ($hint !== null)
        <p class="hint">{{ $hint }}</p>
    @endif
    @error($name)
        <p class="problem" id="s-{{ $name }}-problem">{{ $message }}</p>
    @enderror
</div>
