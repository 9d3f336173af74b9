<?php

declare(strict_types=1);

namespace MintBuckle\Core\Calendar;

use InvalidArgumentException;
use Stringable;

/** A date as a label prints it: a year, a year and month, or a full day. It stands for every day it may mean. */
final readonly class PartialDate implements Stringable
{
    private function __construct(public int $year, public ?int $month, public ?int $day) {}

    /** @throws InvalidArgumentException unless the text is YYYY, YYYY-MM or YYYY-MM-DD and exists */
    public static function parse(string $text): self
    {
        if (preg_match('/\A(\d{4})(?:-(\d{2})(?:-(\d{2}))?)?\z/', $text, $m) !== 1) {
            throw new InvalidArgumentException('must be a date as YYYY, YYYY-MM or YYYY-MM-DD');
        }
        $date = new self((int) $m[1], isset($m[2]) ? (int) $m[2] : null, isset($m[3]) ? (int) $m[3] : null);
        // Refuses a month or day that is not in the calendar.
        $date->earliest();

        return $date;
    }

    /** The first day it may mean. */
    public function earliest(): CalendarDate
    {
        return CalendarDate::of($this->year, $this->month ?? 1, $this->day ?? 1);
    }

    /** The last day it may mean. */
    public function latest(): CalendarDate
    {
        $month = $this->month ?? 12;

        return CalendarDate::of($this->year, $month, $this->day ?? CalendarDate::daysInMonth($this->year, $month));
    }

    public function isFull(): bool
    {
        return $this->day !== null;
    }

    public function __toString(): string
    {
        return implode('-', array_filter([
            sprintf('%04d', $this->year),
            $this->month === null ? null : sprintf('%02d', $this->month),
            $this->day === null ? null : sprintf('%02d', $this->day),
        ], is_string(...)));
    }
}
