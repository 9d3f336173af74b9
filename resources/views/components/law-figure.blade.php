@use('App\Checks\FieldName')
@props(['figure', 'event'])
<fieldset class="law-figure">
    <legend>{{ __("events.law.{$figure->value}") }}</legend>
    <x-field :field="new FieldName('law[' . $figure->value . ']')" :label="__($figure->unit())"
        :value="$event->getAttribute($figure->value) ?? ''" inputmode="decimal" />
    @if ($figure->isWeight())
        <div class="field">
            <span class="choices">
                @foreach (['lb', 'kg'] as $unit)
                    <label class="choice tick"><input type="radio" name="weight_unit" value="{{ $unit }}"
                        @checked(old('weight_unit', $event->law_rear_facing_until_unit ?? 'lb') === $unit)>
                        <span>{{ __("telling.symbol.{$unit}") }}</span></label>
                @endforeach
            </span>
        </div>
    @endif
    <x-field :field="new FieldName('law_sources[' . $figure->value . ']')" :label="__('events.law.source')"
        :value="$event->law_sources[$figure->value] ?? ''" />
</fieldset>
