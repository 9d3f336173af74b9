<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\AccountLink;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Somebody chooses their password by a link that was given to them. Once. */
final readonly class UseLink
{
    public function __construct(private ClockInterface $clock) {}

    /** Whose link it is; null when it is none, was used, replaced, or is too old. */
    public function whose(string $token): ?User
    {
        return $this->open($token)?->user;
    }

    /** @return User|null null when somebody was faster */
    public function choose(string $token, string $password, ?string $pin): ?User
    {
        return DB::transaction(function () use ($token, $password, $pin): ?User {
            $link = $this->open($token, true);
            if ($link === null) {
                return null;
            }
            $link->update(['used_at' => $this->clock->now()]);
            $link->user->fill(['password' => $password] + ($pin === null ? [] : ['pin' => $pin]));
            // Whoever was remembered on some device signs in anew.
            $link->user->setRememberToken(Str::random(60));
            $link->user->save();

            return $link->user;
        });
    }

    private function open(string $token, bool $lock = false): ?AccountLink
    {
        return AccountLink::query()->where('token', GiveLink::inShort($token))->whereNull('used_at')
            ->where('expires_at', '>', $this->clock->now())
            ->whereHas('user', static fn($user) => $user->whereNull('closed_at'))
            ->with('user')
            ->when($lock, static fn($link) => $link->lockForUpdate())
            ->first();
    }
}
