<a class="head-button" href="{{ route('account') }}">{{ auth()->user()?->name }}</a>
<form method="post" action="{{ route('sessions.destroy') }}">
    @csrf
    <button class="head-button">{{ __('accounts.sign_out') }}</button>
</form>
