<?php

declare(strict_types=1);

namespace App\Visits;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Telling\Message;

/** What changes next for a child, and when, in the order in which it comes; what lies behind is said by the findings. */
final readonly class SheetDates
{
    /** @return list<array{Message, Message}> when, and what */
    public static function of(Assessment $left): array
    {
        return array_map(static fn(array $date): array => [$date[1], $date[2]], self::ahead($left));
    }

    /** @return list<array{day: string, what: Message}> the same as days of a calendar; of an estimate the first of its month */
    public static function days(Assessment $left): array
    {
        return array_map(static fn(array $date): array => ['day' => (string) $date[0], 'what' => $date[2]], self::ahead($left));
    }

    /** @return list<array{CalendarDate, Message, Message}> */
    private static function ahead(Assessment $left): array
    {
        $computed = $left->computed();
        $mode = $left->situation->mode;
        $outgrown = $computed->outgrown[$mode->value ?? '']->likely ?? null;
        $dates = [
            ...($computed->nextSlotChange === null ? [] : [self::about($computed->nextSlotChange, new Message('sheet.dates.slot'))]),
            ...($outgrown === null || $mode === null
                ? []
                : [self::about($outgrown, new Message('sheet.dates.outgrown', ['mode' => $mode->told()]))]),
            ...($computed->expiresOn === null ? [] : [[
                $computed->expiresOn,
                new Message('sheet.dates.day', ['day' => $computed->expiresOn]),
                new Message('sheet.dates.expires'),
            ]]),
        ];
        $today = $left->situation->case->today;
        // A month that has begun still lies ahead.
        $begun = CalendarDate::of($today->year, $today->month, 1);
        $dates = array_values(array_filter(
            $dates,
            static fn(array $d): bool => ($d[1]->key === 'sheet.dates.about' ? $begun : $today->dayAfter())->daysUntil($d[0]) >= 0,
        ));
        usort($dates, static fn(array $a, array $b): int => $a[0]->dayNumber() <=> $b[0]->dayNumber());

        return $dates;
    }

    /**
     * @param string $month "2027-04"
     * @return array{CalendarDate, Message, Message}
     */
    private static function about(string $month, Message $what): array
    {
        return [CalendarDate::parse("{$month}-01"), new Message('sheet.dates.about', ['month' => PartialDate::parse($month)]), $what];
    }
}
