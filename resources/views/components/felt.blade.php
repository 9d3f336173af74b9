@use('Symfony\Component\Uid\UuidV7')
@props(['page', 'felt', 'figure'])
<x-fact-form :page="$page" :path="$felt->path" class="felt" onward data-felt="{{ $felt->path }}">
    <legend>@tell($felt->askable->question())</legend>
    @if ($figure->value !== null)
        {{-- A figure stands above what is felt: the one of before is taken away. --}}
        <input type="hidden" name="with" value="{{ $figure->path }} unknown">
        <input type="hidden" name="with_id" value="{{ UuidV7::generate() }}">
    @endif
    <div class="choices">
        @foreach ($felt->choices as $value => $label)
            <button class="choice" name="answer" value="{{ $value }}">@tell($label)</button>
        @endforeach
    </div>
</x-fact-form>
@if ($page->mayTetherBeTight())
    <x-tether-tried :page="$page" />
@endif
