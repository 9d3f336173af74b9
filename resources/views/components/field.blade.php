@props(['name', 'label', 'options' => null, 'type' => 'text', 'unit' => null, 'hint' => null])
@php($dotted = str_replace(['[', ']'], ['.', ''], $name))
@php($id = 'f-' . str_replace('.', '-', $dotted))
<div class="field">
    <label for="{{ $id }}">{{ $label }}@if ($unit)<span class="unit"> {{ $unit }}</span>@endif</label>
    @if ($options === null)
        <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}" value="{{ old($dotted) }}" {{ $attributes }} @error($dotted) aria-invalid="true" aria-describedby="{{ $id }}-problem" @enderror>
    @else
        <select id="{{ $id }}" name="{{ $name }}" {{ $attributes }} @error($dotted) aria-invalid="true" aria-describedby="{{ $id }}-problem" @enderror>
            <option value="">Choose</option>
            @foreach ($options as $value => $text)
                <option value="{{ $value }}" @selected((string) old($dotted) === (string) $value)>{{ $text }}</option>
            @endforeach
        </select>
    @endif
    @if ($hint)<p class="hint">{{ $hint }}</p>@endif
    @error($dotted)<p class="problem" id="{{ $id }}-problem">{{ $message }}</p>@enderror
</div>
