@use('MintBuckle\Core\Catalogue\FieldRows')
@props(['field', 'name', 'rows'])
<fieldset class="field-rows" data-rows="{{ $name }}">
    <legend>@tell($field->label)</legend>
    @foreach ($rows as $n => $row)
        <div class="field-row" data-row>
            @foreach (FieldRows::columns($field->kind) as $column)
                @if ($column === 'sits')
                    <label><span>{{ __('catalogue.rows.columns.sits') }}</span>
                        <select name="rows[{{ $name }}][{{ $n }}][sits]">
                            @foreach (['', 'yes', 'no'] as $sits)
                                <option value="{{ $sits }}" @selected(($row['sits'] ?? '') === $sits)>{{
                                    __('catalogue.rows.sits.' . ($sits === '' ? 'not_said' : $sits)) }}</option>
                            @endforeach
                        </select></label>
                @else
                    <label><span>{{ __("catalogue.rows.columns.{$column}") }}</span>
                        <input name="rows[{{ $name }}][{{ $n }}][{{ $column }}]" value="{{ $row[$column] ?? '' }}" autocomplete="off"
                            placeholder="{{ __("catalogue.rows.examples.{$column}") }}"></label>
                @endif
            @endforeach
        </div>
    @endforeach
    <button type="button" class="quiet" data-add-row hidden>{{ __('catalogue.rows.another') }}</button>
    @error('typed.' . $name)
        <p class="problem">{{ $message }}</p>
    @enderror
</fieldset>
