@props(['person'])
<details class="drill-row" data-person="{{ $person->login }}" data-closed="{{ $person->closed_at === null ? 'no' : 'yes' }}">
    <summary><strong>{{ $person->name }}</strong> <span class="hint">@tell($person->role->title())
        @if ($person->closed_at !== null)
            · {{ __('accounts.closed') }}
        @elseif ($person->password === null)
            · {{ __('accounts.waits') }}
        @elseif ($person->totp_secret !== null)
            · {{ __('accounts.two') }}
        @endif
    </span></summary>
    <form method="post" action="{{ route('people.update', $person) }}" class="stack">
        @csrf @method('PUT')
        <p class="hint">{{ __('accounts.login') }}: {{ $person->login }}</p>
        <x-person-role :chosen="$person->role->value" :id="$person->id" />
        <div class="field">
            <label for="certified-{{ $person->id }}">{{ __('accounts.certified_until') }}</label>
            <input id="certified-{{ $person->id }}" type="date" name="certified_until"
                value="{{ $person->certified_until?->toDateString() }}">
        </div>
        <label class="tick"><input type="checkbox" name="closed" value="1" @checked($person->closed_at !== null)>
            <span>{{ __('accounts.closed') }}</span></label>
        <button class="press">{{ __('accounts.keep') }}</button>
    </form>
    @if ($person->closed_at === null)
        <form method="post" action="{{ route('people.link', $person) }}">
            @csrf
            <button class="quiet">{{ __('accounts.new_link') }}</button>
        </form>
    @endif
</details>
