@props(['field', 'label', 'options' => null, 'type' => 'text', 'unit' => null, 'hint' => null, 'value' => ''])
<div class="field">
    <label for="{{ $field->id }}">{{ $label }}@if ($unit)
            <span class="unit"> {{ __("telling.symbol.{$unit}") }}</span>
        @endif
    </label>
    @if ($options === null)
        <input id="{{ $field->id }}" name="{{ $field->name }}" type="{{ $type }}" value="{{ old($field->dotted, $value) }}"
            {{ $attributes }} @error($field->dotted) aria-invalid="true" aria-describedby="{{ $field->id }}-problem" @enderror>
    @else
        <select id="{{ $field->id }}" name="{{ $field->name }}" {{ $attributes }}
            @error($field->dotted) aria-invalid="true" aria-describedby="{{ $field->id }}-problem" @enderror>
            <option value="">{{ __('common.choose') }}</option>
            @foreach ($options as $key => $text)
                <option value="{{ $key }}" @selected((string) old($field->dotted, $value) === (string) $key)>@tell($text)</option>
            @endforeach
        </select>
    @endif
    @if ($hint)
        <p class="hint">{{ $hint }}</p>
    @endif
    @error($field->dotted)
        <p class="problem" id="{{ $field->id }}-problem">{{ $message }}</p>
    @enderror
</div>
