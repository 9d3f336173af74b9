@use('MintBuckle\Core\Record\InspectionPhase')
@props(['page', 'drawing'])
<section class="parts" aria-label="{{ __('checks.parts.title') }}">
    @foreach ($drawing->parts as $part)
        <details class="part-entry" id="part-{{ $part['part'] }}" data-state="{{ $part['state'] }}">
            <summary><strong>@says(__("drawings.parts.names.{$part['part']}"))</strong>
                <span>{{ __("checks.parts.state.{$part['state']}") }}</span>
            </summary>
            <x-fact-form :page="$page">
                <legend class="visually-hidden">@says(__("drawings.parts.names.{$part['part']}"))</legend>
                <input type="hidden" name="name" value="{{ $part['part'] }}">
                <label class="hint" for="detail-{{ $part['part'] }}">{{ __('checks.parts.detail') }}</label>
                <input id="detail-{{ $part['part'] }}" name="detail" autocomplete="off" placeholder="{{ __('checks.parts.example') }}">
                <div class="choices">
                    <button class="choice" name="entry" value="seat.history.damage add">{{ __('checks.parts.damaged') }}</button>
                    <button class="choice" name="entry" value="seat.history.parts_missing yes">{{ __('checks.parts.essential') }}</button>
                    <button class="choice" name="entry" value="seat.history.parts_missing no">{{ __('checks.parts.minor') }}</button>
                </div>
            </x-fact-form>
            @foreach ($part['notes'] as $note)
                <x-fact-form :page="$page" :path="$part['state'] === 'damaged' ? 'seat.history.damage' : 'seat.history.parts_missing'"
                    class="taken-back">
                    <legend class="visually-hidden">{{ $note }}</legend>
                    <input type="hidden" name="name" value="{{ $note }}">
                    <span>{{ $note }}</span> <button class="quiet" name="answer"
                        value="remove">{{ __("checks.parts.gone.{$page->phase->value}") }}</button>
                </x-fact-form>
            @endforeach
        </details>
    @endforeach
</section>
