@use('MintBuckle\Core\Catalogue\FieldRows')
@use('MintBuckle\Core\Catalogue\FieldKind')
@props(['field', 'page'])
@php($key = str_replace('.', '-', $field->path))
@php($value = old('typed.' . $key, $page->typed[$field->path] ?? ''))
@if ($field->kind->isChosen())
    <fieldset class="choice-field" id="m-{{ $key }}">
        <legend>@tell($field->label)</legend>
        <div class="choices">
            @foreach (['', ...($field->kind === FieldKind::YesNo ? ['yes', 'no'] : $field->choices)] as $choice)
                <label class="choice tick"><input type="radio" name="typed[{{ $key }}]" value="{{ $choice }}"
                        @checked($value === $choice)>
                    <span>
                        @if ($choice === '')
                            {{ __('catalogue.not_said') }}
                        @else
                            @tell($field->answer($choice))
                        @endif
                    </span></label>
            @endforeach
        </div>
        @error('typed.' . $key)
            <p class="problem">{{ $message }}</p>
        @enderror
    </fieldset>
@elseif ($field->choices !== [])
    <fieldset class="choice-field" id="m-{{ $key }}">
        <legend>@tell($field->label)</legend>
        <input type="hidden" name="typed[{{ $key }}][]" value="">
        <div class="choices">
            @foreach ($field->choices as $choice)
                <label class="choice tick"><input type="checkbox" name="typed[{{ $key }}][]" value="{{ $choice }}"
                        @checked(in_array($choice, is_array($value) ? $value : explode(', ', $value), true))>
                    <span>@tell($field->answer($choice))</span></label>
            @endforeach
        </div>
        @error('typed.' . $key)
            <p class="problem">{{ $message }}</p>
        @enderror
    </fieldset>
@elseif ($field->kind->isLimit())
    <x-limit-rows :field="$field" :name="$key" :rows="$page->limitRows(old('rows.' . $key), $value)" :units="$page->unitsOf($field)" />
@elseif (FieldRows::columns($field->kind) !== [])
    <x-field-rows :field="$field" :name="$key" :rows="$page->rows($field, old('rows.' . $key), $value)" />
@else
    <div class="field">
        <label for="m-{{ $key }}">@tell($field->label)</label>
        <input id="m-{{ $key }}" name="typed[{{ $key }}]"
            value="{{ $value }}" autocomplete="off"
            @if ($field->kind->hint()) placeholder="@tell($field->kind->hint())" @endif
            @error('typed.' . $key) aria-invalid="true" @enderror>
        @error('typed.' . $key)
            <p class="problem">{{ $message }}</p>
        @enderror
    </div>
@endif
