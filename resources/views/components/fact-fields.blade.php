@use('Symfony\Component\Uid\UuidV7')
@props(['page', 'path' => null, 'phase' => null, 'onward' => false])
{{-- What one fact of this check is posted with; the id is made here, so that a fact that arrives twice is stored once. --}}
@csrf
<input type="hidden" name="id" value="{{ UuidV7::generate() }}">
@if ($path !== null)
    <input type="hidden" name="key" value="{{ $path }}">
@endif
<input type="hidden" name="phase" value="{{ ($phase ?? $page->phase)->value }}">
@if ($onward)
    <input type="hidden" name="onward" value="1">
@endif
