@use('App\Accounts\GiveLink')
@use('App\Accounts\Role')
@use('App\Checks\FieldName')
<x-layout :title="__('accounts.people')" main="page">
    <x-slot:head><x-head :title="__('accounts.people')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('accounts.people') }}</h1>
        <p><strong>{{ $organisation->name }}</strong></p>
        <p>{{ __('accounts.people_intro') }}</p>
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }}</p>
    @endif
    @if ($link !== null)
        <div class="notice" role="status" data-link>
            <p>{{ __('accounts.link_for', ['name' => $link['name'], 'hours' => GiveLink::HOURS]) }}</p>
            <input class="link-shown" value="{{ $link['address'] }}" readonly
                aria-label="{{ __('accounts.link_label', ['name' => $link['name']]) }}">
        </div>
    @endif
    <div class="two">
        <section class="card-work" aria-labelledby="people-title">
            <h2 id="people-title" class="visually-hidden">{{ __('accounts.people') }}</h2>
            @foreach ($people as $person)
                <x-person :person="$person" />
            @endforeach
        </section>
        <div class="stack">
            <section class="card-work" aria-labelledby="invite-title">
                <h2 id="invite-title">{{ __('accounts.invite') }}</h2>
                <form method="post" action="{{ route('people.store') }}" class="stack">
                    @csrf
                    <x-field :field="new FieldName('name')" :label="__('accounts.name')" />
                    <x-field :field="new FieldName('login')" :label="__('accounts.login')" :hint="__('accounts.login_hint')" />
                    <x-person-role :chosen="old('role', Role::Technician->value)" id="new" />
                    <x-field :field="new FieldName('certified_until')" :label="__('accounts.certified_until')" type="date" />
                    <button class="press">{{ __('accounts.make_link') }}</button>
                </form>
            </section>
            <section class="card-work" aria-labelledby="organisation-title">
                <h2 id="organisation-title">{{ __('accounts.organisation') }}</h2>
                <form method="post" action="{{ route('organisation.update') }}" class="stack">
                    @csrf @method('PUT')
                    <div class="field">
                        <label for="organisation">{{ __('accounts.called') }}</label>
                        <input id="organisation" name="organisation" required maxlength="80"
                            value="{{ old('organisation', $organisation->name) }}">
                        <p class="hint">{{ __('accounts.organisation_hint') }}</p>
                        @error('organisation')
                            <p class="problem">{{ $message }}</p>
                        @enderror
                    </div>
                    <button class="quiet">{{ __('accounts.keep') }}</button>
                </form>
            </section>
        </div>
    </div>
</x-layout>
