@props(['index', 'choices', 'chosen' => '', 'said' => null])
<div class="choices seat-choices" role="radiogroup" aria-label="{{ __('visits.arrive.seat') }}">
    @foreach ($choices->titles as $id => $title)
        <label class="choice tick"><input type="radio" name="children[{{ $index }}][seat]" value="{{ $id }}"
                id="f-children-{{ $index }}-seat-{{ $id }}" @checked((string) $id === $chosen)> <span>{{ $title }}</span></label>
    @endforeach
    @if ($said !== null)
        <p class="hint" role="status">@tell($said)</p>
    @endif
    @if ($choices->titles === [])
        <p class="hint" role="status">{{ __('visits.arrive.no_seat_found', ['words' => $choices->words]) }}</p>
    @endif
    <label class="choice tick"><input type="radio" name="children[{{ $index }}][seat]" value="none"
            id="f-children-{{ $index }}-seat-none" @checked($chosen === 'none')>
        <span>{{ __('visits.arrive.no_seat') }}</span></label>
    <label class="choice tick"><input type="radio" name="children[{{ $index }}][seat]" value="other"
            id="f-children-{{ $index }}-seat-other" @checked($chosen === 'other')>
        <span>{{ __('visits.arrive.not_in_catalogue') }}</span></label>
</div>
