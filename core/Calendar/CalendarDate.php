<?php

declare(strict_types=1);

namespace MintBuckle\Core\Calendar;

use InvalidArgumentException;
use Stringable;

/** A day of the Gregorian calendar, without time or zone. */
final readonly class CalendarDate implements Stringable
{
    private function __construct(public int $year, public int $month, public int $day) {}

    /** @throws InvalidArgumentException when the calendar has no such day */
    public static function of(int $year, int $month, int $day): self
    {
        if (! checkdate($month, $day, $year)) {
            throw new InvalidArgumentException("must be a day of the calendar, which has no {$year}-{$month}-{$day}");
        }

        return new self($year, $month, $day);
    }

    /** @throws InvalidArgumentException unless the text is YYYY-MM-DD and such a day exists */
    public static function parse(string $text): self
    {
        if (preg_match('/\A(\d{4})-(\d{2})-(\d{2})\z/', $text, $m) !== 1) {
            throw new InvalidArgumentException('must be a date as YYYY-MM-DD');
        }

        return self::of((int) $m[1], (int) $m[2], (int) $m[3]);
    }

    /** Days since 1970-01-01, by Hatcher's day count for the Gregorian calendar. */
    public function dayNumber(): int
    {
        $shifted = $this->month > 2 ? $this->year : $this->year - 1;
        $monthFromMarch = ($this->month + 9) % 12;

        return 365 * $shifted + intdiv($shifted, 4) - intdiv($shifted, 100) + intdiv($shifted, 400)
            + intdiv(153 * $monthFromMarch + 2, 5) + $this->day - 719469;
    }

    public function daysUntil(self $later): int
    {
        return $later->dayNumber() - $this->dayNumber();
    }

    public function isBefore(self $other): bool
    {
        return $this->dayNumber() < $other->dayNumber();
    }

    public function isAfter(self $other): bool
    {
        return $this->dayNumber() > $other->dayNumber();
    }

    public function dayAfter(): self
    {
        return match (true) {
            $this->day < self::daysInMonth($this->year, $this->month) => new self($this->year, $this->month, $this->day + 1),
            $this->month < 12 => new self($this->year, $this->month + 1, 1),
            default => new self($this->year + 1, 1, 1),
        };
    }

    /** The same month and day so many years on; 29 February becomes 28 February in a common year (the cautious side). */
    public function plusYears(int $years): self
    {
        return new self($this->year + $years, $this->month, min($this->day, self::daysInMonth($this->year + $years, $this->month)));
    }

    /** 28 to 31. */
    public static function daysInMonth(int $year, int $month): int
    {
        return match ($month) {
            2 => checkdate(2, 29, $year) ? 29 : 28,
            4, 6, 9, 11 => 30,
            default => 31,
        };
    }

    public function __toString(): string
    {
        return sprintf('%04d-%02d-%02d', $this->year, $this->month, $this->day);
    }
}
