@use('MintBuckle\Core\Facts\Belt')
@props(['form', 'row', 'side'])
@php($name = "bench[{$row} {$side->value}]")
<fieldset class="bus-bench-fields" data-bench-fields="{{ $row }} {{ $side->value }}">
    <legend>{{ __('trips.bench', ['row' => $row, 'side' => $side]) }}</legend>
    <label>{{ __('bus.layout.places') }} <input class="count" name="{{ $name }}[places]" inputmode="numeric"
            value="{{ $form->bench($row, $side)['places'] }}"></label>
    <label>{{ __('facts.bus.bench.belt.short') }} <select name="{{ $name }}[belt]">
            @foreach (Belt::cases() as $belt)
                <option value="{{ $belt->value }}" @selected(($form->bench($row, $side)['belt'] ?: 'none') === $belt->value)>{{
                    __("facts.bus.bench.belt.answers.{$belt->value}") }}</option>
            @endforeach
        </select></label>
    @foreach (['lower_anchors', 'exit'] as $tick)
        <label class="tick"><input type="checkbox" name="{{ $name }}[{{ $tick }}]" value="1"
                @checked($form->bench($row, $side)[$tick] !== '')> <span>{{ __("bus.layout.{$tick}") }}</span></label>
    @endforeach
    <label>{{ __('bus.layout.space') }} <input name="{{ $name }}[space]" autocomplete="off" placeholder="27 in"
            value="{{ $form->bench($row, $side)['space'] }}"></label>
    <label>{{ __('bus.layout.integrated') }} <input name="{{ $name }}[integrated]" autocomplete="off"
            value="{{ $form->bench($row, $side)['integrated'] }}"></label>
</fieldset>
