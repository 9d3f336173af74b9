@props(['page', 'path' => null, 'track' => null])
{{-- Posts one fact of this check; the id is made here, so that a fact that arrives twice is stored once. --}}
<form method="post" action="{{ $page->factsUrl }}" novalidate hx-post="{{ $page->factsUrl }}" {{ $attributes }}>
    @csrf
    <input type="hidden" name="id" value="{{ Symfony\Component\Uid\UuidV7::generate() }}">
    @if ($path !== null)<input type="hidden" name="key" value="{{ $path }}">@endif
    <input type="hidden" name="track" value="{{ ($track ?? $page->track)->value }}">
    <fieldset @disabled($page->signed)>{{ $slot }}</fieldset>
</form>
