@use('App\Accounts\ShortSession')
<x-layout :title="__('accounts.change')" main="sign-in">
    <form method="post" action="{{ route('change.store') }}" class="card-work narrow">
        @csrf
        <p class="brand-large"><x-buckle-mark state="not_finished" :size="64" /> Mint Buckle</p>
        <h1>{{ __('accounts.change') }}</h1>
        @if ($people->isEmpty())
            <p class="empty">{{ __('accounts.nobody_pin') }}</p>
        @else
            <p>{{ __('accounts.change_intro', ['minutes' => ShortSession::MINUTES]) }}</p>
            <fieldset class="choice-field">
                <legend class="visually-hidden">{{ __('accounts.name') }}</legend>
                <div class="choices">
                    @foreach ($people as $person)
                        <label class="choice tick"><input type="radio" name="login" value="{{ $person->login }}" required
                                @checked(old('login') === $person->login)> <span>{{ $person->name }}</span></label>
                    @endforeach
                </div>
                @error('login')
                    <p class="problem">{{ $message }}</p>
                @enderror
            </fieldset>
            <x-secret-field name="pin" :label="__('accounts.pin')" inputmode="numeric" />
            <button class="press">{{ __('accounts.go_on') }}</button>
        @endif
        <p><a class="quiet" href="{{ route('login') }}">{{ __('accounts.sign_in') }}</a></p>
    </form>
</x-layout>
