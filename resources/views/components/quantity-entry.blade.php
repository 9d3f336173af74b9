@use('App\Checks\FactText')
@props(['row', 'page', 'id', 'unit', 'typed' => false])
<div class="entry" data-stepper="{{ $page->units->step($row->askable->kind) }}">
    <button type="button" class="step" data-step="-1" tabindex="-1" hidden aria-label="{{ __('common.less_step') }}">−</button>
    <input name="amount" id="{{ $id }}-amount" aria-label="@tell($row->askable->question())" inputmode="decimal" autocomplete="off"
        value="{{ $typed ? old('amount') : FactText::amount($row, $page->units) }}">
    <span class="unit">{{ __("telling.symbol.{$unit}") }}</span>
    <button type="button" class="step" data-step="1" tabindex="-1" hidden aria-label="{{ __('common.more_step') }}">+</button>
    <input type="hidden" name="unit" value="{{ $unit }}">
    <button class="keep">{{ __('common.keep') }}</button>
</div>
