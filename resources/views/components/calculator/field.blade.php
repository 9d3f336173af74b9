@use('MintBuckle\Core\Facts\Definition\AnswerKind')
@props(['field', 'units'])
<div class="calculator-field" data-path="{{ $field->askable->path }}">
    <fieldset class="field">
        <legend>@tell($field->askable->question())</legend>
        @switch($field->askable->kind)
            @case(AnswerKind::YesNo)
            @case(AnswerKind::Choice)

            @case(AnswerKind::Choices)
                <div class="choices">
                    @foreach ($field->choices as $value => $label)
                        <label class="choice tick"><input
                                type="{{ $field->askable->kind === AnswerKind::Choices ? 'checkbox' : 'radio' }}"
                                id="{{ $field->id }}-{{ $value }}"
                                name="{{ $field->name }}{{ $field->askable->kind === AnswerKind::Choices ? '[answers][]' : '[answer]' }}"
                                value="{{ $value }}" @checked($field->has($value))> <span>@tell($label)</span></label>
                    @endforeach
                </div>
            @break

            @case(AnswerKind::Length)
            @case(AnswerKind::Mass)

            @case(AnswerKind::Angle)
                <div class="entry" data-stepper="{{ $units->step($field->askable->kind) }}">
                    <button type="button" class="step" data-step="-1" tabindex="-1" hidden aria-label="{{ __('common.less_step')
                        }}">−</button>
                    <input name="{{ $field->name }}[amount]" data-amount id="{{ $field->id }}-amount"
                        aria-label="@tell($field->askable->question())" inputmode="decimal" autocomplete="off"
                        value="{{ $field->text('amount') }}">
                    <span class="unit">{{ __('telling.symbol.' . ($field->text('unit') ?: $units->for($field->askable->kind)->symbol()))
                        }}</span>
                    <button type="button" class="step" data-step="1" tabindex="-1" hidden aria-label="{{ __('common.more_step')
                        }}">+</button>
                    <input type="hidden" name="{{ $field->name }}[unit]"
                        value="{{ $field->text('unit') ?: $units->for($field->askable->kind)->symbol() }}">
                </div>
            @break

            @case(AnswerKind::Heights)
            @case(AnswerKind::Texts)
                <textarea name="{{ $field->name }}[lines]" id="{{ $field->id }}-lines" rows="3"
                    aria-label="@tell($field->askable->question())">{{ $field->text('lines') }}</textarea>
                @if ($field->askable->kind === AnswerKind::Heights)
                    <input type="hidden" name="{{ $field->name }}[unit]" value="{{ $field->text('unit') ?: $units->length()->value
                        }}"><span class="unit">{{ __('telling.symbol.' . ($field->text('unit') ?: $units->length()->value)) }}</span>
                @endif
            @break

            @case(AnswerKind::Approvals)
                <input name="{{ $field->name }}[name]" id="{{ $field->id }}-name" aria-label="{{ __('checks.what_it_is') }}"
                    placeholder="{{ __('checks.extra_example') }}"
                    value="{{ $field->text('name') }}" autocomplete="off">
                <div class="choices">
                    @foreach (['yes', 'no'] as $value)
                        <label class="choice tick"><input type="radio" id="{{ $field->id }}-{{ $value }}"
                                name="{{ $field->name }}[answer]" value="{{ $value }}" @checked($field->has($value))>
                            <span>{{ __("checks.extra_of.{$value}") }}</span></label>
                    @endforeach
                </div>
            @break

            @default
                @if ($field->choices !== [])
                    <select name="{{ $field->name }}[answer]" id="{{ $field->id }}-answer" aria-label="@tell($field->askable->question())">
                        <option value="">{{ __('common.choose') }}</option>
                        @foreach ($field->choices as $value => $label)
                            <option value="{{ $value }}" @selected($field->has($value))>@tell($label)</option>
                        @endforeach
                    </select>
                @else
                    <input name="{{ $field->name }}[answer]" id="{{ $field->id }}-answer" aria-label="@tell($field->askable->question())"
                        value="{{ $field->text('answer') }}" autocomplete="off">
                @endif
        @endswitch
        <x-hint :of="$field->askable" />
        @if ($field->problem)
            <p class="problem" role="alert">{{ $field->problem }}</p>
        @endif
    </fieldset>
</div>
