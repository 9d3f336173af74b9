@use('Symfony\Component\Uid\UuidV7')
@props(['page', 'items', 'kind' => 'right'])
{{-- An id of its own: changed in place, no form becomes another one. --}}
<form id="{{ $kind }}-{{ hash('crc32b', implode(' ', $items)) }}" method="post" action="{{ route('bus.trips.mark', $page->trip) }}"
    hx-post="{{ route('bus.trips.mark', $page->trip) }}" hx-target="#trip" hx-swap="morph:outerHTML" class="no-print">
    @csrf
    <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
    <input type="hidden" name="initials" value="{{ $page->initials }}">
    @foreach ($items as $item)
        <input type="hidden" name="items[]" value="{{ $item }}">
    @endforeach
    {{ $slot }}
</form>
