@use('MintBuckle\Core\Record\InspectionPhase')
@props(['page', 'drawing'])
<section class="parts" aria-label="Parts of the seat">
    @foreach ($drawing->parts as $part)
        <details class="part-entry" id="part-{{ $part['part'] }}" data-state="{{ $part['state'] }}">
            <summary><strong>{{ ucfirst($part['part']) }}</strong>
                <span>
                    @switch($part['state'])
                        @case('unknown') not looked at @break
                        @case('missing_minor') missing, carries no load @break
                        @default {{ $part['state'] }}
                    @endswitch
                </span>
            </summary>
            <x-fact-form :page="$page">
                <legend class="visually-hidden">{{ ucfirst($part['part']) }}</legend>
                <input type="hidden" name="name" value="{{ $part['part'] }}">
                <label class="hint" for="detail-{{ $part['part'] }}">What exactly, if you like</label>
                <input id="detail-{{ $part['part'] }}" name="detail" autocomplete="off" placeholder="crack at the left hinge">
                <div class="choices">
                    <button class="choice" name="entry" value="seat.history.damage add">Damaged</button>
                    <button class="choice" name="entry" value="seat.history.parts_missing yes">Missing, essential</button>
                    <button class="choice" name="entry" value="seat.history.parts_missing no">Missing, carries no load</button>
                </div>
            </x-fact-form>
            @foreach ($part['notes'] as $note)
                <x-fact-form :page="$page" :path="$part['state'] === 'damaged' ? 'seat.history.damage' : 'seat.history.parts_missing'"
                    class="taken-back">
                    <legend class="visually-hidden">{{ $note }}</legend>
                    <input type="hidden" name="name" value="{{ $note }}">
                    <span>{{ $note }}</span> <button class="quiet" name="answer"
                        value="remove">{{ $page->phase === InspectionPhase::Found
                            ? 'Entered by mistake'
                            : 'Replaced by the maker’s part' }}</button>
                </x-fact-form>
            @endforeach
        </details>
    @endforeach
</section>
