@use('MintBuckle\Core\Facts\Definition\AnswerKind')
@use('App\Checks\FactText')
@props(['row', 'page', 'id', 'kind', 'typed' => false])
@switch($kind)
    @case(AnswerKind::YesNo)
    @case(AnswerKind::Choice)
        <div class="choices">
            @foreach ($row->choices as $value => $label)
                <button name="answer" value="{{ $value }}" id="{{ $id }}-{{ $value }}" @class([
                    'choice',
                    'on' => FactText::isChosen($value, $row->value),
                ])
                    aria-pressed="{{ FactText::isChosen($value, $row->value) ? 'true' : 'false' }}">@tell($label)</button>
            @endforeach
        </div>
    @break

    @case(AnswerKind::Choices)
        @include('components.several', ['row' => $row, 'id' => $id])
    @break

    @case(AnswerKind::Length)
    @case(AnswerKind::Mass)

    @case(AnswerKind::Angle)
        @include('components.quantity-entry', [
            'row' => $row,
            'page' => $page,
            'id' => $id,
            'unit' => $page->units->for($kind)->symbol(),
            'typed' => $typed,
        ])
    @break

    @case(AnswerKind::Texts)
    @case(AnswerKind::Heights)
        <div class="lines">
            <textarea name="lines" rows="2"
                aria-label="@tell($row->askable->question())">{{ $typed ? old('lines') : FactText::lines($row->value) }}</textarea>
            @if ($kind === AnswerKind::Heights)
                <input type="hidden" name="unit" value="{{ $page->units->length()->value }}"><span class="unit">{{ __('checks.heights_in',
                    ['unit' => __('telling.symbol.' . $page->units->length()->value)]) }}</span>
            @endif
            <button class="keep">{{ __('common.keep') }}</button>
            <button name="answer" value="nothing"
                @class(['choice', 'on' => $row->value === []])>{{ __($kind === AnswerKind::Heights ? 'checks.has_none' : 'common.nothing')
                    }}</button>
        </div>
    @break

    @case(AnswerKind::Essentials)
    @case(AnswerKind::Approvals)
        @include('components.named-entry', [
            'row' => $row,
            'id' => $id,
            'essential' => $kind === AnswerKind::Essentials,
            'typed' => $typed,
            'parts' => $kind === AnswerKind::Essentials ? $page->modelParts() : [],
        ])
    @break

    @case(AnswerKind::Signature)
        @include('components.signature', ['row' => $row, 'page' => $page, 'id' => $id])
    @break

    @case(AnswerKind::Elsewhere)
    @break

    @default
        <div class="entry">
            <input name="answer" id="{{ $id }}-text" aria-label="@tell($row->askable->question())"
                value="{{ $typed ? old('answer') : FactText::typed($row) }}"
                type="text"
                @if (in_array($kind, [AnswerKind::Whole, AnswerKind::Share], true)) inputmode="decimal" @endif autocomplete="off">
            <button class="keep">{{ __('common.keep') }}</button>
        </div>
        @if (in_array($kind, [AnswerKind::Date, AnswerKind::PartialDate], true) && is_string($row->value) && !$typed)
            <p class="hint" data-understood>{{ __('checks.understood', ['date' => FactText::of($row, $row->value)]) }}</p>
        @endif
@endswitch
