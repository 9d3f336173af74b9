@props(['field', 'label', 'options', 'chosen' => ''])
<fieldset class="field choice-field">
    <legend>{{ $label }}</legend>
    <div class="choices">
        @foreach ($options as $value => $text)
            <label class="choice tick"><input type="radio" id="{{ $field->id }}-{{ $loop->index }}" name="{{ $field->name }}"
                    value="{{ $value }}" @checked((string) old($field->dotted, $chosen) === (string) $value)>
                        <span>@tell($text)</span></label>
        @endforeach
    </div>
    @error($field->dotted)
        <p class="problem" id="{{ $field->id }}-problem">{{ $message }}</p>
    @enderror
</fieldset>
