<form method="post" action="{{ route('sessions.destroy') }}">
    @csrf
    <button class="head-button">{{ __('accounts.sign_out', ['name' => (string) auth()->user()?->name]) }}</button>
</form>
