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
        placeholder="{{ $essential ? 'which part' : 'what it is' }}" value="{{ $typed ? old('name') : '' }}" autocomplete="off">
    <div class="choices">
        <button class="choice" name="answer" value="no">{{ $essential ? 'Missing, carries no load' : 'Not from the maker' }}</button>
        <button class="choice" name="answer" value="yes">{{ $essential ? 'Missing, essential' : 'Approved by the maker' }}</button>
        <button name="answer" value="nothing" @class(['choice', 'on' => $row->value === []])>Nothing</button>
    </div>
</div>
