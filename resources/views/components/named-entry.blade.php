@props(['row', 'id', 'essential', 'typed' => false])
@if (is_array($row->value) && $row->value !== [])
    <ul class="named">
        @foreach ($row->value as $entry)
            <li>{{ $entry->name }}</li>
        @endforeach
    </ul>
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
