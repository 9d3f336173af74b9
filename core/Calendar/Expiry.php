<?php

declare(strict_types=1);

namespace MintBuckle\Core\Calendar;

/**
 * The first day a seat may no longer be used, from what its label says.
 *
 * A stamp names the last day of use: a full date itself, a month's or a year's last day. A useful life ends on the anniversary
 * of the make date, itself already too late; a partial make date counts from its first day (the cautious side). The earlier holds.
 */
final readonly class Expiry
{
    /** @return CalendarDate|null null when neither end is known */
    public static function firstDayOfNoMoreUse(?PartialDate $useUntil, ?PartialDate $madeOn, ?int $lifeYears): ?CalendarDate
    {
        $stamped = $useUntil?->latest()->dayAfter();
        $aged = $madeOn === null || $lifeYears === null ? null : $madeOn->earliest()->plusYears($lifeYears);

        return match (true) {
            $stamped === null => $aged,
            $aged === null => $stamped,
            default => $aged->isBefore($stamped) ? $aged : $stamped,
        };
    }
}
