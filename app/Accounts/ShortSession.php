<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Contracts\Session\Session;

/** A person who came by PIN on a shared device is asked for it again after a while of doing nothing; the device stays known. */
final readonly class ShortSession
{
    public const MINUTES = 15;

    private const UNTIL = 'shared.until';

    /** Whether people change by PIN here. */
    public static function isShared(Session $session): bool
    {
        return $session->has(self::UNTIL);
    }

    public static function isOver(Session $session): bool
    {
        $until = $session->get(self::UNTIL);

        return is_int($until) && $until < now()->getTimestamp();
    }

    /** From now on, and once more whenever something is done. */
    public static function goOn(Session $session): void
    {
        $session->put(self::UNTIL, now()->addMinutes(self::MINUTES)->getTimestamp());
    }
}
