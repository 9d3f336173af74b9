<x-layout :title="__('accounts.second')" main="sign-in">
    <form method="post" action="{{ route('sessions.confirm') }}" class="card-work narrow">
        @csrf
        <p class="brand-large"><x-buckle-mark state="not_finished" :size="64" /> Mint Buckle</p>
        <h1>{{ __('accounts.second') }}</h1>
        <label for="code">{{ __('accounts.second_ask') }}</label>
        <input id="code" name="code" inputmode="numeric" autocomplete="one-time-code" required autofocus
            @error('code') aria-invalid="true" aria-describedby="code-problem" @enderror>
        @error('code')
            <p class="problem" id="code-problem">{{ $message }}</p>
        @enderror
        <button class="press">{{ __('accounts.sign_in') }}</button>
    </form>
</x-layout>
