@use('MintBuckle\Core\Catalogue\FieldKind')
@props(['field', 'typed'])
@php($key = str_replace('.', '-', $field->path))
@php($value = old('typed.' . $key, $typed[$field->path] ?? ''))
<div class="field">
    <label for="m-{{ $key }}">@tell($field->label)</label>
    @if ($field->kind === FieldKind::YesNo || $field->kind === FieldKind::Choice)
        <select id="m-{{ $key }}" name="typed[{{ $key }}]"
            @error('typed.' . $key) aria-invalid="true" @enderror>
            <option value="">{{ __('catalogue.not_said') }}</option>
            @foreach ($field->kind === FieldKind::YesNo ? ['yes', 'no'] : $field->choices as $choice)
                <option value="{{ $choice }}" @selected($value === $choice)>@tell($field->answer($choice))</option>
            @endforeach
        </select>
    @else
        <input id="m-{{ $key }}" name="typed[{{ $key }}]"
            value="{{ $value }}" autocomplete="off"
            @if ($field->kind->hint()) placeholder="@tell($field->kind->hint())" @endif
            @error('typed.' . $key) aria-invalid="true" @enderror>
    @endif
    @error('typed.' . $key)
        <p class="problem">{{ $message }}</p>
    @enderror
</div>
