@props(['row', 'id'])
{{-- Mostly it is one: that is one press. Several are ticked and kept. --}}
<div class="choices">
    {{-- Enter on a tick must not press the first answer: a form whose first button is disabled is not sent by it. --}}
    <button disabled hidden></button>
    @foreach ($row->choices as $value => $label)
        <button name="answers[]" value="{{ $value }}" @class(['choice', 'on' => in_array($value, (array) $row->value, true)])
            aria-pressed="{{ in_array($value, (array) $row->value, true) ? 'true' : 'false' }}">@tell($label)</button>
    @endforeach
    <button name="answer" value="nothing" @class(['choice', 'on' => $row->value === []])>{{ __('common.none_of_these') }}</button>
</div>
@if (count($row->choices) > 1)
    <details class="several" @if (count((array) $row->value) > 1) open @endif>
        <summary>{{ __('checks.several') }}</summary>
        <div class="choices">
            @foreach ($row->choices as $value => $label)
                <label class="choice tick"><input type="checkbox" name="ticked[]" id="{{ $id }}-{{ $value }}"
                        value="{{ $value }}" @checked(in_array($value, (array) $row->value, true))> <span>@tell($label)</span></label>
            @endforeach
            <button class="keep" name="answer" value="ticked">{{ __('common.keep') }}</button>
        </div>
    </details>
@endif
