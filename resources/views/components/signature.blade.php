@props(['row', 'page', 'id'])
@if (is_object($row->value))
    <p class="signed">{{ __('checks.signed_by', ['name' => ucfirst($row->value->id)]) }}</p>
@endif
@if ($row->path !== 'handover.checker' || ! $page->hasSigned(auth()->user()))
    <div class="choices">
        <button class="choice" name="answer" value="sign">{{ __('checks.sign_as', ['name' => (string) auth()->user()?->name]) }}</button>
    </div>
@endif
@if ($row->path === 'handover.checker' && $page->seconds()->isNotEmpty())
    <div class="entry pin">
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
