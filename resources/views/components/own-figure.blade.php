@props(['row', 'page', 'subject'])
<x-fact-form :page="$page" :path="$row->path" class="row-fact own-figure" :data-figure="$row->path">
    <legend>@tell($row->askable->question())</legend>
    <label class="hint" for="page-{{ $row->id($subject) }}">Where it says so</label>
    <input id="page-{{ $row->id($subject) }}" name="note" autocomplete="off" placeholder="manual, page 34">
    <x-answer :row="$row" :page="$page" :kind="$row->askable->kind" :id="$row->id('figure-' . strtr($subject, './', '--'))" />
    <p class="hint">It is kept with this seat and holds before every practice; only law and the floors stand above it.</p>
</x-fact-form>
