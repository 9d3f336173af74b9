@use('App\Accounts\Role')
@props(['chosen', 'id'])
<div class="field">
    <label for="role-{{ $id }}">{{ __('accounts.role') }}</label>
    <select id="role-{{ $id }}" name="role">
        @foreach (Role::cases() as $role)
            <option value="{{ $role->value }}" @selected($chosen === $role->value)>@tell($role->title())</option>
        @endforeach
    </select>
</div>
