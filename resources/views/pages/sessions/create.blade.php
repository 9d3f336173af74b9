<x-layout :title="__('accounts.sign_in')" main="sign-in">
    <form method="post" action="{{ route('sessions.store') }}" class="card-work narrow">
        @csrf
        <p class="brand-large"><x-buckle-mark state="good_to_ride" :size="64" /> Mint Buckle</p>
        <h1>{{ __('accounts.sign_in') }}</h1>
        <label for="login">{{ __('accounts.name') }}</label>
        <input id="login" name="login" value="{{ old('login') }}" autocomplete="username" autocapitalize="none" required autofocus
            @error('login') aria-invalid="true" aria-describedby="login-problem" @enderror>
        @error('login')
            <p class="problem" id="login-problem">{{ $message }}</p>
        @enderror
        <label for="password">{{ __('accounts.password') }}</label>
        <input id="password" name="password" type="password" autocomplete="current-password" required
            @error('password') aria-invalid="true" aria-describedby="password-problem" @enderror>
        @error('password')
            <p class="problem" id="password-problem">{{ $message }}</p>
        @enderror
        <p class="hint">{{ __('accounts.forgotten') }}</p>
        <button class="press">{{ __('accounts.sign_in') }}</button>
    </form>
</x-layout>
