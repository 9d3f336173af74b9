<form method="post" action="{{ route('sessions.destroy') }}">
    @csrf
    <button class="head-button">{{ auth()->user()?->name }}: sign out</button>
</form>
