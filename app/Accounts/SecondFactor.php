<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Cache\RateLimiter;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** What is asked for beside the password: a code of the person's own device, or, when that is lost, one of those that were written down. */
final readonly class SecondFactor
{
    private const AWAITED = 'sign_in.second';

    private const CODES = 8;

    private const TRIES = 5;

    public function __construct(private ClockInterface $clock, private RateLimiter $tries) {}

    /** The password was right; who it is stays with this session until the code is. */
    public static function await(Session $session, User $person): void
    {
        $session->put(self::AWAITED, $person->id);
    }

    /** Whose code is awaited, by their number. */
    public static function awaits(Session $session): ?int
    {
        $id = $session->get(self::AWAITED);

        return is_int($id) ? $id : null;
    }

    public static function awaited(Session $session): ?User
    {
        $id = self::awaits($session);

        return $id === null ? null : User::query()->whereNull('closed_at')->find($id);
    }

    public static function forget(Session $session): void
    {
        $session->forget(self::AWAITED);
    }

    /** A code is taken once; after some wrong ones none is for a minute. */
    public function takes(User $person, string $code): bool
    {
        $key = "second:{$person->id}";
        if ($this->tries->tooManyAttempts($key, self::TRIES)) {
            return false;
        }
        $taken = DB::transaction(function () use ($person, $code): bool {
            $locked = User::query()->lockForUpdate()->findOrFail($person->id);
            $plain = (string) preg_replace('/\s+|-/', '', $code);

            return $this->isOfDevice($locked, $plain) || self::isWrittenDown($locked, $plain);
        });
        $taken ? $this->tries->clear($key) : $this->tries->hit($key);

        return $taken;
    }

    /** Whether the device that a secret was given to makes the same codes. */
    public function isSet(string $secret, string $code): bool
    {
        return Totp::step($secret, (string) preg_replace('/\s+/', '', $code), $this->clock->now()->getTimestamp(), null) !== null;
    }

    /** @return list<string> to be written down, shown this once */
    public function begin(User $person, string $secret): array
    {
        $codes = array_map(static fn(): string => Str::lower(Str::random(10)), range(1, self::CODES));
        $person->update([
            'totp_secret' => $secret,
            'totp_step' => null,
            'recovery_codes' => array_map(static fn(string $code): string => Hash::make($code), $codes),
        ]);

        return $codes;
    }

    public function end(User $person): void
    {
        $person->update(['totp_secret' => null, 'totp_step' => null, 'recovery_codes' => null]);
    }

    private function isOfDevice(User $person, string $code): bool
    {
        $step = Totp::step((string) $person->totp_secret, $code, $this->clock->now()->getTimestamp(), $person->totp_step);
        if ($step === null) {
            return false;
        }

        return $person->update(['totp_step' => $step]);
    }

    private static function isWrittenDown(User $person, string $code): bool
    {
        foreach ($person->recovery_codes ?? [] as $number => $kept) {
            if (Hash::check(Str::lower($code), $kept)) {
                $left = $person->recovery_codes ?? [];
                unset($left[$number]);

                return $person->update(['recovery_codes' => array_values($left)]);
            }
        }

        return false;
    }
}
