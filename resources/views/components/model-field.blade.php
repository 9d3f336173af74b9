@props(['field', 'typed'])
<div class="field">
    <label for="m-{{ str_replace('.', '-', $field->path) }}">{{ $field->label }}</label>
    @if ($field->kind === MintBuckle\Core\Catalogue\FieldKind::YesNo || $field->kind === MintBuckle\Core\Catalogue\FieldKind::Choice)
        <select id="m-{{ str_replace('.', '-', $field->path) }}" name="typed[{{ str_replace('.', '-', $field->path) }}]" @error('typed.' . str_replace('.', '-', $field->path)) aria-invalid="true" @enderror>
            <option value="">not said</option>
            @foreach ($field->kind === MintBuckle\Core\Catalogue\FieldKind::YesNo ? ['yes', 'no'] : $field->choices as $choice)<option value="{{ $choice }}" @selected(old('typed.' . str_replace('.', '-', $field->path), $typed[$field->path] ?? '') === $choice)>{{ str_replace('_', ' ', $choice) }}</option>@endforeach
        </select>
    @else
        <input id="m-{{ str_replace('.', '-', $field->path) }}" name="typed[{{ str_replace('.', '-', $field->path) }}]" value="{{ old('typed.' . str_replace('.', '-', $field->path), $typed[$field->path] ?? '') }}" autocomplete="off" @if ($field->kind->hint()) placeholder="{{ explode('. ', explode(';', $field->kind->hint())[0])[0] }}" @endif @error('typed.' . str_replace('.', '-', $field->path)) aria-invalid="true" @enderror>
    @endif
    @error('typed.' . str_replace('.', '-', $field->path))<p class="problem">{{ $message }}</p>@enderror
</div>
