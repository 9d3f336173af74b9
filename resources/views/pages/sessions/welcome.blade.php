@use('App\Accounts\GoodPassword')
<x-layout :title="__('accounts.sign_in')" main="sign-in">
    @if ($person === null)
        <section class="card-work narrow">
            <p class="brand-large"><x-buckle-mark state="not_finished" :size="64" /> Mint Buckle</p>
            <p>{{ __('accounts.no_link') }}</p>
            <a class="press" href="{{ route('login') }}">{{ __('accounts.sign_in') }}</a>
        </section>
    @else
        <form method="post" action="{{ route('welcome.store', $token) }}" class="card-work narrow">
            @csrf
            <p class="brand-large"><x-buckle-mark state="good_to_ride" :size="64" /> Mint Buckle</p>
            <h1>{{ __('accounts.welcome', ['name' => $person->name]) }}</h1>
            <p>{{ __('accounts.choose', ['least' => GoodPassword::LEAST]) }}</p>
            <input type="hidden" name="login" value="{{ $person->login }}" autocomplete="username">
            <x-secret-field name="password" :label="__('accounts.password')" autocomplete="new-password" />
            <x-secret-field name="password_confirmation" :label="__('accounts.once_more')" autocomplete="new-password" />
            <x-secret-field name="pin" :label="__('accounts.pin')" :hint="__('accounts.pin_hint')" :required="false" autocomplete="off"
                inputmode="numeric" />
            <button class="press">{{ __('accounts.choose_it') }}</button>
        </form>
    @endif
</x-layout>
