<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use App\Organisations\CurrentOrganisation;
use App\Organisations\Door;
use Illuminate\Cache\RateLimiter;
use Illuminate\Support\Facades\Hash;

/**
 * Whether a name and a password belong together. After some wrong ones that name rests on that address: nobody else's sign-in does, not
 * even theirs elsewhere. As long for a name that nobody has as for one that somebody has.
 */
final readonly class SignIn
{
    private const TRIES = 5;

    /** From one address, whatever the names. */
    private const TRIES_OF_ALL = 60;

    private const REST_SECONDS = 60;

    public function __construct(private RateLimiter $tries, private CurrentOrganisation $organisation) {}

    /** @return User|'wrong'|'rests' */
    public function __invoke(string $login, string $password, string $address): User|string
    {
        $keys = ['sign-in:' . sha1("{$login}\n{$address}") => self::TRIES, "sign-in:{$address}" => self::TRIES_OF_ALL];
        foreach ($keys as $key => $most) {
            if ($this->tries->tooManyAttempts($key, $most)) {
                return 'rests';
            }
        }
        $this->organisation->enter(Door::Login, $login);
        $person = User::query()->whereNull('closed_at')->firstWhere('login', $login);
        if (self::belongs($password, $person?->password)) {
            $this->tries->clear((string) array_key_first($keys));

            return $person ?? 'wrong';
        }
        array_map(fn(string $key): int => $this->tries->hit($key, self::REST_SECONDS), array_keys($keys));

        return 'wrong';
    }

    /** Where there is nothing to compare with, as much is computed all the same. */
    public static function belongs(string $secret, ?string $kept): bool
    {
        return $kept === null ? Hash::make($secret) === '' : Hash::check($secret, $kept);
    }
}
