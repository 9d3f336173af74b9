@props(['field', 'name', 'rows', 'units'])
<fieldset class="limit-rows field" data-rows="{{ $name }}">
    <legend>@tell($field->label)</legend>
    @foreach ($rows as $n => $row)
        <div class="limit-row" data-row>
            @if ($n === 1)
                <p class="hint">{{ __('catalogue.rows.depends') }}</p>
            @endif
            <div class="figure">
                <input @if ($n === 0) id="m-{{ $name }}" @endif name="rows[{{ $name }}][{{ $n }}][amount]" value="{{ $row['amount'] }}"
                    autocomplete="off" inputmode="{{ count($units) > 1 ? 'decimal' : 'numeric' }}"
                    aria-label="@tell($field->label)" @error('typed.' . $name) aria-invalid="true" @enderror>
                <select name="rows[{{ $name }}][{{ $n }}][unit]" aria-label="{{ __('catalogue.rows.unit') }}">
                    @foreach ($units as $unit)
                        <option value="{{ $unit }}" @selected($unit === $row['unit'])>{{ __("catalogue.rows.units.{$unit}") }}</option>
                    @endforeach
                </select>
            </div>
            <details class="depends" @if ($row['below'] . $row['held'] . $row['from'] . $row['to'] !== '' || $n > 0) open @endif>
                <summary>{{ __('catalogue.rows.when') }}</summary>
                <label class="tick"><input type="checkbox" name="rows[{{ $name }}][{{ $n }}][below]" value="1"
                        @checked($row['below'] !== '')> {{ __('catalogue.rows.below') }}</label>
                <label>{{ __('catalogue.rows.held') }} <select name="rows[{{ $name }}][{{ $n }}][held]">
                        @foreach (['', 'belt', 'lower anchors', 'both'] as $held)
                            <option value="{{ $held }}" @selected($held === $row['held'])>{{
                                __('catalogue.rows.held_by.' . ($held === '' ? 'any' : $held)) }}</option>
                        @endforeach
                    </select></label>
                <label>{{ __('catalogue.rows.made_from') }} <input name="rows[{{ $name }}][{{ $n }}][from]" value="{{ $row['from'] }}"
                        placeholder="2016-04" autocomplete="off"></label>
                <label>{{ __('catalogue.rows.made_to') }} <input name="rows[{{ $name }}][{{ $n }}][to]" value="{{ $row['to'] }}"
                        placeholder="2019-12" autocomplete="off"></label>
                <button type="button" class="plain" data-add-row hidden>{{ __('catalogue.rows.another') }}</button>
            </details>
        </div>
    @endforeach
    @error('typed.' . $name)
        <p class="problem">{{ $message }}</p>
    @enderror
</fieldset>
