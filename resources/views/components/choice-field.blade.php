@props(['name', 'label', 'options'])
@php($dotted = str_replace(['[', ']'], ['.', ''], $name))
@php($id = 'f-' . str_replace('.', '-', $dotted))
<fieldset class="field choice-field">
    <legend>{{ $label }}</legend>
    <div class="choices">
        @foreach ($options as $value => $text)
            <label class="choice tick"><input type="radio" id="{{ $id }}-{{ $loop->index }}" name="{{ $name }}" value="{{ $value }}" @checked((string) old($dotted) === (string) $value)> <span>{{ $text }}</span></label>
        @endforeach
    </div>
    @error($dotted)<p class="problem" id="{{ $id }}-problem">{{ $message }}</p>@enderror
</fieldset>
