<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use InvalidArgumentException;
use MintBuckle\Core\Calendar\Age;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\Expiry;
use MintBuckle\Core\Calendar\PartialDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class CalendarTest extends TestCase
{
    /** Against PHP's own calendar, an implementation that shares no code with ours. */
    #[Group('slow')]
    public function testDayNumbersOfTwoCenturies(): void
    {
        $day = new DateTimeImmutable('1950-01-01 00:00 UTC');
        $date = CalendarDate::of(1950, 1, 1);
        for ($i = 0; $i < 73_414; $i++) {
            if ($date->dayNumber() * 86_400 !== $day->getTimestamp() || (string) $date !== $day->format('Y-m-d')) {
                self::fail("{$date} is not {$day->format('Y-m-d')}");
            }
            $day = $day->modify('+1 day');
            $date = $date->dayAfter();
        }
        self::assertSame('2151-01-01', (string) $date);
    }

    /** Both sides of each leap rule of the Gregorian calendar, and of the day that counting starts from. */
    public function testDayNumbersAtTheTurns(): void
    {
        foreach (['1969-12-31', '1970-01-01', '1899-12-31', '1900-02-28', '1900-03-01', '1996-02-29', '2000-02-28', '2000-02-29', '2000-03-01', '2099-12-31', '2100-02-28', '2100-03-01', '2400-02-29', '2400-03-01'] as $text) {
            self::assertSame((new DateTimeImmutable("{$text} 00:00 UTC"))->getTimestamp(), 86_400 * CalendarDate::parse($text)->dayNumber(), $text);
        }
    }

    /** @return iterable<string, array{int, int, int}> year, month, its last day */
    public static function months(): iterable
    {
        foreach ([2000, 2024, 2100, 2101] as $year) {
            for ($month = 1; $month <= 12; $month++) {
                yield "{$year}-{$month}" => [$year, $month, (int) (new DateTimeImmutable("{$year}-{$month}-01"))->format('t')];
            }
        }
    }

    #[DataProvider('months')]
    public function testAMonthHasItsDaysAndNoMore(int $year, int $month, int $last): void
    {
        self::assertSame([$last, $last], [CalendarDate::daysInMonth($year, $month), CalendarDate::of($year, $month, $last)->day]);
        $this->expectException(InvalidArgumentException::class);
        CalendarDate::of($year, $month, $last + 1);
    }

    /** @return iterable<string, array{string|null, string|null, int|null, string|null}> stamp, made, life, first day of no more use */
    public static function expiries(): iterable
    {
        yield 'a full stamp is the last day' => ['2026-10-10', null, null, '2026-10-11'];
        yield 'at the end of a year' => ['2026-12-31', null, null, '2027-01-01'];
        yield 'a month lasts to its end' => ['2026-02', null, null, '2026-03-01'];
        yield 'a leap month' => ['2028-02', null, null, '2028-03-01'];
        yield 'December' => ['2026-12', null, null, '2027-01-01'];
        yield 'a year lasts to 31 December' => ['2026', null, null, '2027-01-01'];
        yield 'the anniversary is too late' => [null, '2021-03-14', 7, '2028-03-14'];
        yield 'a month counts from its first' => [null, '2021-03', 7, '2028-03-01'];
        yield 'a year counts from 1 January' => [null, '2021', 7, '2028-01-01'];
        yield '29 February to a common year' => [null, '2020-02-29', 6, '2026-02-28'];
        yield '29 February to a leap year' => [null, '2020-02-29', 8, '2028-02-29'];
        yield '28 February to a leap year' => [null, '2021-02-28', 7, '2028-02-28'];
        yield 'stamp earlier' => ['2027', '2021-03-14', 7, '2028-01-01'];
        yield 'life earlier' => ['2028-03-14', '2021-03-14', 7, '2028-03-14'];
        yield 'life without make date' => [null, null, 7, null];
        yield 'make date without life' => [null, '2021', null, null];
        yield 'nothing' => [null, null, null, null];
    }

    #[DataProvider('expiries')]
    public function testExpiry(?string $stamp, ?string $made, ?int $life, ?string $expected): void
    {
        $parse = static fn(?string $text): ?PartialDate => $text === null ? null : PartialDate::parse($text);

        self::assertSame($expected, Expiry::firstDayOfNoMoreUse($parse($stamp), $parse($made), $life)?->__toString());
    }

    /** @return iterable<string, array{string, string, int}> born, today, completed months */
    public static function ages(): iterable
    {
        yield 'the day before' => ['2025-10-11', '2026-10-10', 11];
        yield 'on the day' => ['2025-10-10', '2026-10-10', 12];
        yield 'born today' => ['2026-10-10', '2026-10-10', 0];
        yield 'born on the 31st, end of a short month' => ['2026-01-31', '2026-02-28', 0];
        yield 'born on the 31st, completed on the 1st of the next' => ['2026-01-31', '2026-03-01', 1];
        yield 'born on 29 February, common year' => ['2024-02-29', '2025-02-28', 11];
        yield 'born on 29 February, the day after' => ['2024-02-29', '2025-03-01', 12];
        yield 'born on 29 February, leap year' => ['2024-02-29', '2028-02-29', 48];
        yield 'over the year' => ['2025-12-15', '2026-01-14', 0];
    }

    #[DataProvider('ages')]
    public function testAge(string $born, string $today, int $months): void
    {
        self::assertSame($months, Age::on(CalendarDate::parse($today), CalendarDate::parse($born))->toInt());
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function nonsense(): iterable
    {
        yield '30 February' => [static fn(): mixed => CalendarDate::parse('2026-02-30')];
        yield '29 February of a common year' => [static fn(): mixed => CalendarDate::parse('2026-02-29')];
        yield 'month 13' => [static fn(): mixed => PartialDate::parse('2026-13')];
        yield 'a day without a month' => [static fn(): mixed => PartialDate::parse('2026--10')];
        yield 'slashes' => [static fn(): mixed => CalendarDate::parse('10/10/2026')];
        yield 'a line break after it' => [static fn(): mixed => CalendarDate::parse("2026-10-10\n")];
        yield 'two digits' => [static fn(): mixed => PartialDate::parse('26')];
    }

    /** @param callable(): mixed $parse */
    #[DataProvider('nonsense')]
    public function testRefuses(callable $parse): void
    {
        $this->expectException(InvalidArgumentException::class);
        $parse();
    }
}
