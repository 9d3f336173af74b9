<?php

declare(strict_types=1);

namespace App\Visits;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Calendar\CalendarDate;

/** What changes next for a child, and when, in the order in which it comes; what lies behind is said by the findings. */
final readonly class SheetDates
{
    /** @return list<array{string, string}> when, and what */
    public static function of(Assessment $left): array
    {
        $computed = $left->computed();
        $mode = $left->situation->mode;
        $outgrown = $computed->outgrown[$mode->value ?? '']->likely ?? null;
        $dates = array_values(array_filter([
            $computed->nextSlotChange === null
                ? null
                : [
                    self::first($computed->nextSlotChange),
                    true,
                    'The shoulder reaches the next harness slot: look at the straps. An estimate.',
                ],
            $outgrown === null || $mode === null
                ? null
                : [self::first($outgrown), true, "The child outgrows it as a {$mode->word()}. An estimate from the growth charts."],
            $computed->expiresOn === null ? null : [$computed->expiresOn, false, 'From this day the seat may no longer be used.'],
        ]));
        $today = $left->situation->case->today;
        $dates = array_values(array_filter(
            $dates,
            static fn(array $d): bool => $d[1]
                ? $d[0]->showMonth() === $today->showMonth() || $today->daysUntil($d[0]) > 0
                : $today->daysUntil($d[0]) > 0,
        ));
        usort($dates, static fn(array $a, array $b): int => $a[0]->dayNumber() <=> $b[0]->dayNumber());

        return array_map(static fn(array $d): array => [$d[1] ? 'About ' . $d[0]->showMonth() : $d[0]->show(), $d[2]], $dates);
    }

    /** The first day of "2027-04". */
    private static function first(string $month): CalendarDate
    {
        return CalendarDate::parse("{$month}-01");
    }
}
