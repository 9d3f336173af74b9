@use('Symfony\Component\Uid\UuidV7')
@props(['page', 'class', 'short' => false])
@if ($page->last !== null && !$page->signed)
    <form method="post" action="{{ $page->post('undo') }}" hx-post="{{ $page->post('undo') }}" class="{{ $class }}">
        @csrf
        <input type="hidden" name="id" value="{{ UuidV7::generate() }}"><input type="hidden" name="phase"
            value="{{ $page->phase->value }}"><input type="hidden" name="undoes" value="{{ $page->last->id }}">
        @if ($short)
            <button data-undo-bar aria-label="{{ __('checks.undo', ['what' => $page->lastEntry()]) }}">↶</button>
        @else
            <button class="plain" data-key="z" data-undo>{{ __('checks.undo', ['what' => $page->lastEntry()]) }}</button>
        @endif
    </form>
@endif
