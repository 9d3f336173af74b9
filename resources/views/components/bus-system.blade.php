@use('MintBuckle\Core\Facts\BusFixing')
@use('MintBuckle\Core\Facts\BusSystem')
@props(['form', 'system', 'number', 'fixings'])
<fieldset class="bus-system-fields">
    <legend>{{ __('bus.layout.system', ['id' => $form->label($number)]) }}</legend>
    <label>{{ __('bus.layout.sign') }} <input name="system[{{ $number }}][id]" maxlength="20" autocomplete="off"
            value="{{ $system['id'] }}"></label>
    <label>{{ __('facts.bus.system.short') }} <select name="system[{{ $number }}][kind]">
            <option value="">{{ __('common.choose') }}</option>
            @foreach (BusSystem::cases() as $kind)
                @continue(!$kind->isRestraint())
                <option value="{{ $kind->value }}" @selected($system['kind'] === $kind->value)>{{
                    __("facts.bus.system.answers.{$kind->value}") }}</option>
            @endforeach
        </select></label>
    <div class="choices" role="group" aria-label="{{ __('facts.bus.held_by.question') }}">
        @foreach (BusFixing::cases() as $fixing)
            <label class="choice tick"><input type="checkbox" name="system[{{ $number }}][fixed_by][]" value="{{ $fixing->value }}"
                    @checked(in_array($fixing->value, $fixings, true))> <span>{{
                        __("facts.bus.held_by.answers.{$fixing->value}") }}</span></label>
        @endforeach
    </div>
    @foreach (['count', 'weight_min', 'weight_max', 'height_max', 'width_places', 'depth'] as $key)
        <label>{{ __("bus.layout.{$key}") }} <input name="system[{{ $number }}][{{ $key }}]" autocomplete="off"
                value="{{ $system[$key] }}"></label>
    @endforeach
</fieldset>
