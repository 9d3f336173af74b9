@use('App\Accounts\Ability')
@use('App\Accounts\Totp')
@php($person = auth()->user())
<x-layout :title="__('accounts.account')" main="page">
    <x-slot:head><x-head :title="__('accounts.account')" :subtitle="$person->name" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('accounts.account') }}</h1>
        <p>{{ $person->name }}: @tell($person->role->title())</p>
        <a class="quiet" href="{{ route('account.record') }}">{{ __('accounts.record.title') }}</a>
        <a class="quiet" href="{{ route('change') }}">{{ __('accounts.change') }}</a>
        <form method="post" action="{{ route('sessions.destroy') }}">
            @csrf
            <button class="quiet">{{ __('accounts.sign_out') }}</button>
        </form>
    </div>
    <div class="two">
        <section class="card-work" aria-labelledby="secret-title">
            <h2 id="secret-title">{{ __('accounts.change_secret') }}</h2>
            <form method="post" action="{{ route('account.update') }}" class="stack">
                @csrf
                <x-secret-field name="current" :label="__('accounts.current')" autocomplete="current-password" />
                <x-secret-field name="password" :label="__('accounts.new_password')" :required="false" autocomplete="new-password" />
                <x-secret-field name="password_confirmation" :label="__('accounts.once_more')" :required="false"
                    autocomplete="new-password" />
                <x-secret-field name="pin" :label="__('accounts.pin')" :hint="__('accounts.pin_hint')" :required="false"
                    inputmode="numeric" />
                <p class="hint">{{ __('accounts.empty_stays') }}</p>
                <button class="press">{{ __('accounts.keep') }}</button>
            </form>
        </section>
        <section class="card-work" id="second" aria-labelledby="second-title">
            <h2 id="second-title">{{ __('accounts.second') }}</h2>
            <p>{{ __('accounts.second_intro') }}</p>
            <x-second-factor :person="$person" :secret="$secret" :codes="$codes" />
        </section>
    </div>
</x-layout>
