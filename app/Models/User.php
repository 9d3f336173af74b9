<?php

declare(strict_types=1);

namespace App\Models;

use App\Role;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * A person who signs in; every fact names its author.
 *
 * @property int $id
 * @property string $login
 * @property string $name
 * @property Role $role
 * @property string $password
 * @property CarbonImmutable|null $certified_until
 */
final class User extends Authenticatable
{
    protected $fillable = ['login', 'name', 'role', 'password', 'certified_until'];

    protected $hidden = ['password', 'remember_token'];

    protected function casts(): array
    {
        return [
            'role' => Role::class,
            'password' => 'hashed',
            'certified_until' => 'immutable_date',
        ];
    }
}
