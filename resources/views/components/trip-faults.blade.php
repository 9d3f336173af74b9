@use('MintBuckle\Core\Bus\Trip\TripOutcome')
@props(['line'])
@if ($line->faults() !== [])
    <fieldset class="choices">
        <legend class="visually-hidden">{{ __('trips.what') }}</legend>
        @foreach ($line->faults() as $code => $title)
            <label class="choice tick"><input type="radio" name="found" value="{{ $code }}"> <span>@tell($title)</span></label>
        @endforeach
    </fieldset>
@endif
<label class="trip-note">{{ __('trips.note') }} <input name="note" maxlength="300" autocomplete="off"></label>
<div class="choices">
    <button class="press" name="outcome" value="{{ TripOutcome::PutRight->value }}">{{ __('trips.put_right') }}</button>
    <button class="quiet" name="outcome" value="{{ TripOutcome::LeftOut->value }}">{{
        __('trips.leave_out', ['way' => $line->item->row === null]) }}</button>
    @if ($line->mark !== null && $line->state() !== 'right')
        <button class="quiet" name="outcome" value="{{ TripOutcome::Right->value }}">{{ __('trips.right') }}</button>
    @endif
</div>
