@props(['row', 'page', 'id'])
<div class="choices">
    @if (is_object($row->value))
        <span class="signed">{{ __('checks.signed_by', ['name' => ucfirst($row->value->id)]) }}</span>
    @endif
    @if ($row->path !== 'handover.checker' || ! $page->hasSigned(auth()->user()))
        <button class="choice" name="answer" value="sign">{{ __('checks.sign_as', ['name' => (string) auth()->user()?->name]) }}</button>
    @endif
</div>
@if ($row->path === 'handover.checker' && $page->seconds()->isNotEmpty())
    <div class="entry">
        {{-- Enter must not sign for the first of them. --}}
        <button disabled hidden></button>
        <input name="pin" id="{{ $id }}-pin" type="password" inputmode="numeric" maxlength="8" autocomplete="off"
            aria-label="{{ __('checks.pin') }}" placeholder="{{ __('checks.pin') }}">
    </div>
    <div class="choices">
        @foreach ($page->seconds() as $person)
            <button class="choice" name="signer" value="{{ $person->login }}">{{ __('checks.signs', ['name' => $person->name]) }}</button>
        @endforeach
    </div>
@endif
