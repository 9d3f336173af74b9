<?php

declare(strict_types=1);

namespace App\Models;

use App\Accounts\Role;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * A person who signs in; every fact names its author.
 *
 * @property int $id
 * @property string $login
 * @property string $name
 * @property Role $role
 * @property string $password
 * @property string|null $pin hashed; null: signs only where they are signed in themselves
 * @property CarbonImmutable|null $certified_until
 * @property string $language that the person reads
 */
final class User extends Authenticatable
{
    protected $fillable = ['login', 'name', 'role', 'password', 'pin', 'certified_until', 'language'];

    protected $hidden = ['password', 'pin', 'remember_token'];

    /** @return array<string, string> what everybody is called, by sign-in name */
    public static function names(): array
    {
        return self::query()->get()->mapWithKeys(static fn(self $user): array => [$user->login => $user->name])->all();
    }

    /** @return Collection<int, self> who may look a second time after somebody; nobody where the event does not ask for it */
    public static function secondsFor(CheckupEvent $event, self $signer): Collection
    {
        return $event->second_signer ? self::query()->whereKeyNot($signer->id)->orderBy('name')->get() : new Collection();
    }

    /** @return Collection<int, self> who may sign beside somebody on the same device, by a PIN */
    public static function besides(?self $present): Collection
    {
        return self::query()->whereNotNull('pin')->whereKeyNot($present?->id)->orderBy('name')->get();
    }

    protected function casts(): array
    {
        return [
            'role' => Role::class,
            'password' => 'hashed',
            'pin' => 'hashed',
            'certified_until' => 'immutable_date',
        ];
    }
}
