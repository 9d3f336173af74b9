<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Visit;
use DateTimeImmutable;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Words\Teller;
use Sabre\VObject\Component\VCalendar;

/** The dates ahead as a calendar file (RFC 5545): slot, way of riding, expiry, and the seat's registration while it waits. */
final readonly class SheetCalendar
{
    private const PRODUCT = '-//Mint Buckle//Take-home sheet//EN';

    /** A family that has not registered its seat yet is reminded once, so many days later. */
    private const REGISTER_AFTER_DAYS = 3;

    /** @param list<SheetChild> $children */
    public static function of(Visit $visit, array $children, Teller $words): string
    {
        $calendar = new VCalendar(['PRODID' => self::PRODUCT, 'METHOD' => 'PUBLISH'], false);
        $calendar->add('VERSION', '2.0');
        foreach ($children as $child) {
            foreach ($child->days as $n => $day) {
                self::add($calendar, $visit, "{$child->letter}-{$n}", $day['day'], $words->says($day['what']), $words->says(
                    new Message('sheet.child', ['letter' => $child->letter, 'verdict' => $child->verdict->title()]),
                ));
            }
            if ($child->register !== null && $visit->left_at !== null) {
                self::add(
                    $calendar,
                    $visit,
                    "{$child->letter}-register",
                    $visit->left_at->addDays(self::REGISTER_AFTER_DAYS)->format('Y-m-d'),
                    $words->says(new Message('sheet.register')),
                    implode(' – ', $child->register),
                );
            }
        }

        return $calendar->serialize();
    }

    /** @param string $day 2027-04-01 */
    private static function add(VCalendar $calendar, Visit $visit, string $which, string $day, string $summary, string $details): void
    {
        $from = new DateTimeImmutable($day);
        $event = $calendar->createComponent('VEVENT', [
            'UID' => "visit-{$visit->submission}-{$which}@mint-buckle",
            'DTSTAMP' => $visit->left_at ?? $visit->arrived_at,
            'SUMMARY' => $summary,
            'DESCRIPTION' => $details,
            'TRANSP' => 'TRANSPARENT',
        ], false);
        $event->add('DTSTART', $from->format('Ymd'), ['VALUE' => 'DATE']);
        $event->add('DTEND', $from->modify('+1 day')->format('Ymd'), ['VALUE' => 'DATE']);
        $alarm = $calendar->createComponent('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $summary], false);
        $alarm->add('TRIGGER', '-P14D', ['VALUE' => 'DURATION']);
        $event->add($alarm);
        $calendar->add($event);
    }
}
