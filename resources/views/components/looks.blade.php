@use('Symfony\Component\Uid\UuidV7')
@props(['page'])
{{-- What is not so is pressed and is a fault at once; the rest is kept line by line. --}}
<div class="looks" data-looks>
    <p><strong>{{ __('checks.looks.how') }}</strong></p>
    @foreach ($page->now->looks as $row)
        <x-fact-form :page="$page" :path="$row->path" class="look" onward :data-path="$row->path" data-good="{{ $row->askable->good }}">
            <legend class="visually-hidden">@tell($row->askable->question())</legend>
            @if (count($row->faults()) === 1)
                <button name="answer" value="{{ array_key_first($row->faults()) }}" data-not-so
                    aria-label="{{ __('checks.looks.not_so', ['look' => $row->askable->goodState()])
                        }}">@tell($row->askable->goodState())</button>
                <button class="plain" name="answer" value="unknown"
                    aria-label="{{ __('checks.looks.unknown', ['look' => $row->askable->goodState()]) }}">?</button>
            @else
                <details>
                    <summary>@tell($row->askable->goodState())</summary>
                    <div class="choices">
                        @foreach ($row->choices as $value => $label)
                            <button class="choice" name="answer" value="{{ $value }}"
                                id="{{ $row->id('next') }}-{{ $value }}">@tell($label)</button>
                        @endforeach
                        <button class="plain" name="answer" value="unknown">{{ __('checks.cannot_tell') }}</button>
                    </div>
                </details>
            @endif
        </x-fact-form>
    @endforeach
    <form method="post" action="{{ $page->post('looks') }}" hx-post="{{ $page->post('looks') }}" class="rest">
        @csrf
        <input type="hidden" name="phase" value="{{ $page->phase->value }}">
        <input type="hidden" name="onward" value="1">
        @foreach ($page->now->looks as $row)
            <input type="hidden" name="lines[]" value="{{ $row->path }} {{ UuidV7::generate() }}">
        @endforeach
        <button class="press" data-rest>{{ __('checks.looks.rest') }}</button>
    </form>
</div>
