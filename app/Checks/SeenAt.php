<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use Carbon\CarbonImmutable;

/**
 * A check that is typed in from paper: when each thing was seen is not when it is typed. Told for one check, on one device, until it ends.
 */
final readonly class SeenAt
{
    public static function of(Check $check): ?CarbonImmutable
    {
        $seen = request()->hasSession() ? request()->session()->get(self::key($check)) : null;

        return is_string($seen) ? CarbonImmutable::parse($seen) : null;
    }

    /** @param CarbonImmutable|null $seen null: from now on what is seen is entered at once */
    public static function tell(Check $check, ?CarbonImmutable $seen): void
    {
        $seen === null
            ? request()->session()->forget(self::key($check))
            : request()->session()->put(self::key($check), $seen->toIso8601String());
    }

    private static function key(Check $check): string
    {
        return "paper:{$check->id}";
    }
}
