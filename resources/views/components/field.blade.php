@props(['field', 'label', 'options' => null, 'type' => 'text', 'unit' => null, 'hint' => null])
<div class="field">
    <label for="{{ $field->id }}">{{ $label }}@if ($unit)
            <span class="unit"> {{ __("telling.symbol.{$unit}") }}</span>
        @endif
    </label>
    @if ($options === null)
        <input id="{{ $field->id }}" name="{{ $field->name }}" type="{{ $type }}" value="{{ old($field->dotted) }}"
            {{ $attributes }} @error($field->dotted) aria-invalid="true" aria-describedby="{{ $field->id }}-problem" @enderror>
    @else
        <select id="{{ $field->id }}" name="{{ $field->name }}" {{ $attributes }}
            @error($field->dotted) aria-invalid="true" aria-describedby="{{ $field->id }}-problem" @enderror>
            <option value="">{{ __('common.choose') }}</option>
            @foreach ($options as $value => $text)
                <option value="{{ $value }}" @selected((string) old($field->dotted) === (string) $value)>@tell($text)</option>
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
