@props(['row', 'id', 'essential', 'typed' => false, 'parts' => []])
@if (is_array($row->value) && $row->value !== [])
    <ul class="named">
        @foreach ($row->value as $entry)
            <li>{{ $entry->name }}</li>
        @endforeach
    </ul>
@endif
@if ($parts !== [])
    <div class="choices" data-parts>
        {{-- Enter on a tick must not press the first answer. --}}
        <button disabled hidden></button>
        @foreach ($parts as $n => $part)
            <label class="choice tick"><input type="checkbox" name="ticked[]" id="{{ $id }}-part-{{ $n }}"
                    value="{{ $part['essential'] ? '1' : '0' }} {{ $part['name'] }}"> <span>{{ $part['name'] }}</span></label>
        @endforeach
        <button class="keep" name="answer" value="ticked">{{ __('checks.parts.missing_these') }}</button>
    </div>
@endif
<div class="lines">
    <input name="name" id="{{ $id }}-name" aria-label="@tell($row->askable->question())"
        placeholder="{{ __($essential ? 'checks.which_part' : 'checks.what_it_is_example') }}" value="{{ $typed ? old('name') : '' }}"
            autocomplete="off">
    <div class="choices">
        <button class="choice" name="answer" value="no">{{ __($essential ? 'checks.parts.minor' : 'checks.not_makers') }}</button>
        <button class="choice" name="answer" value="yes">{{ __($essential ? 'checks.parts.essential' : 'checks.makers') }}</button>
        <button name="answer" value="nothing" @class(['choice', 'on' => $row->value === []])>{{ __('common.nothing') }}</button>
    </div>
</div>
