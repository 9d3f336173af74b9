@use('App\Accounts\Ability')
@use('App\Accounts\Totp')
@props(['person', 'secret', 'codes'])
@if ($codes !== [])
    <div class="notice" role="status">
        <p>{{ __('accounts.second_codes') }}</p>
        <ul class="recovery-codes">
            @foreach ($codes as $code)
                <li><code>{{ $code }}</code></li>
            @endforeach
        </ul>
    </div>
@endif
@if ($person->totp_secret !== null)
    <p data-second="yes">{{ __('accounts.second_is', ['n' => count($person->recovery_codes ?? [])]) }}</p>
    <form method="post" action="{{ route('account.second.end') }}" class="stack">
        @csrf @method('DELETE')
        <div class="field"><label for="end-current">{{ __('accounts.current') }}</label><input id="end-current" name="current"
                type="password" autocomplete="current-password" required></div>
        <button class="quiet">{{ __('accounts.second_end') }}</button>
    </form>
@elseif ($secret !== null)
    <p>{{ __('accounts.second_secret') }}</p>
    <p><code class="big" data-secret="{{ $secret }}">{{ implode(' ', str_split($secret, 4)) }}</code></p>
    <p><a class="quiet" href="{{ Totp::address($secret, $person->login) }}">{{ __('accounts.second_open') }}</a></p>
    <form method="post" action="{{ route('account.second.confirm') }}" class="stack">
        @csrf @method('PUT')
        <div class="field"><label for="confirm-current">{{ __('accounts.current') }}</label><input id="confirm-current" name="current"
                type="password" autocomplete="current-password" required>
            @error('current')
                <p class="problem">{{ $message }}</p>
            @enderror
        </div>
        <div class="field"><label for="second-code">{{ __('accounts.code') }}</label><input id="second-code" name="code"
                inputmode="numeric" autocomplete="one-time-code" required>
            @error('code')
                <p class="problem">{{ $message }}</p>
            @enderror
        </div>
        <button class="press">{{ __('accounts.keep') }}</button>
    </form>
@else
    @can(Ability::Manage->value)
        <p class="problem">{{ __('accounts.second_wanted') }}</p>
    @endcan
    <form method="post" action="{{ route('account.second') }}">
        @csrf
        <button class="press">{{ __('accounts.second_begin') }}</button>
    </form>
@endif
