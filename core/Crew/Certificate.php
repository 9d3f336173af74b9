<?php

declare(strict_types=1);

namespace MintBuckle\Core\Crew;

use MintBuckle\Core\Calendar\CalendarDate;

/** How a technician's certification stands on a day. */
enum Certificate: string
{
    case Holds = 'holds';
    case EndsSoon = 'ends_soon';
    /** Nothing may be signed by it. */
    case Ended = 'ended';
    case Unknown = 'unknown';

    /** Time enough to be certified anew: common practice. */
    public const WARNED_DAYS = 60;

    /** @param CalendarDate|null $until the last day it holds; null: nobody said */
    public static function on(CalendarDate $day, ?CalendarDate $until): self
    {
        $left = self::daysLeft($day, $until);

        return match (true) {
            $left === null => self::Unknown,
            $left < 0 => self::Ended,
            $left <= self::WARNED_DAYS => self::EndsSoon,
            default => self::Holds,
        };
    }

    /** Days after that one on which it still holds; null: nobody knows. */
    public static function daysLeft(CalendarDate $day, ?CalendarDate $until): ?int
    {
        return $until === null ? null : $until->dayNumber() - $day->dayNumber();
    }

    public function maySign(): bool
    {
        return $this !== self::Ended;
    }
}
