@props(['row', 'page', 'where'])
<form @class(['row-fact', 'asked' => $row->asked, 'kind-' . $row->askable->kind->value]) method="post" action="{{ route('facts.store', [$page->check->id, $page->station->value]) }}" id="{{ $row->id($where) }}" data-path="{{ $row->path }}" novalidate
    hx-post="{{ route('facts.store', [$page->check->id, $page->station->value]) }}" hx-target="#check" hx-swap="morph:outerHTML">
    @csrf
    <input type="hidden" name="id" value="{{ $row->factId }}">
    <input type="hidden" name="key" value="{{ $row->path }}">
    <input type="hidden" name="track" value="{{ $page->track->value }}">
    <fieldset @disabled($page->check->signed_at !== null)>
        <legend>{{ $where === 'next' || $row->asked ? $row->askable->question : $row->askable->short }}</legend>
        <x-answer :row="$row" :page="$page" :kind="$row->askable->kind" :id="$row->id($where)" :typed="$page->isProblemOf($row)" />
        @if ($page->isProblemOf($row))<p class="problem" role="alert">{{ $page->problem }}</p>@endif
        @if ($row->askable->hint && $row->asked)<p class="hint">{{ $row->askable->hint }}</p>@endif
        @if ($row->found !== null)<p class="was">Found: <x-fact-value :row="$row" :value="$row->found" :page="$page" /></p>@endif
    </fieldset>
</form>
