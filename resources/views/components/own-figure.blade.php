@props(['row', 'page', 'subject'])
<x-fact-form :page="$page" :path="$row->path" class="row-fact own-figure" :data-figure="$row->path">
    <legend>@tell($row->askable->question())</legend>
    <label class="hint" for="page-{{ $row->id($subject) }}">{{ __('checks.own.where') }}</label>
    <input id="page-{{ $row->id($subject) }}" name="note" autocomplete="off" placeholder="{{ __('checks.own.example') }}">
    <x-answer :row="$row" :page="$page" :kind="$row->askable->kind" :id="$row->id('figure-' . strtr($subject, './', '--'))" />
    <p class="hint">{{ __('checks.own.kept') }}</p>
</x-fact-form>
