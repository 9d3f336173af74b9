<?php

declare(strict_types=1);

namespace Tests\Published;

use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Calendar\Age;
use MintBuckle\Core\Calendar\CalendarDate;
use Tests\Feature\FeatureTestCase;

/** Date arithmetic against PostgreSQL's own, over every day of leap and common years. */
final class PostgresCalendarTest extends FeatureTestCase
{
    public function testYearsLater(): void
    {
        $rows = self::select("SELECT d::date AS made, n AS life, (d + n * interval '1 year')::date AS gone FROM generate_series('2019-12-25'::date, '2021-03-05'::date, '1 day') d, generate_series(1, 12) n");
        foreach ($rows as $row) {
            self::assertSame($row->gone, (string) CalendarDate::parse($row->made)->plusYears($row->life), "{$row->made} and {$row->life} years");
        }
        self::assertCount(437 * 12, $rows);
    }

    public function testDaysBetween(): void
    {
        $rows = self::select("SELECT d::date AS day, (d::date - '2000-02-29'::date) AS days FROM generate_series('1950-01-01'::date, '2150-12-31'::date, '17 days') d");
        $from = CalendarDate::of(2000, 2, 29);
        foreach ($rows as $row) {
            self::assertSame($row->days, $from->daysUntil(CalendarDate::parse($row->day)), $row->day);
        }
    }

    /** PostgreSQL's age() counts completed months the same way while the birth day exists in every month. */
    public function testCompletedMonths(): void
    {
        $rows = self::select("SELECT b::date AS born, t::date AS today, (extract(year from age(t, b)) * 12 + extract(month from age(t, b)))::int AS months FROM generate_series('2024-01-01'::timestamp, '2024-12-28'::timestamp, '9 days') b, generate_series('2025-01-05'::timestamp, '2027-06-01'::timestamp, '13 days') t WHERE extract(day from b) <= 28");
        foreach ($rows as $row) {
            self::assertSame($row->months, Age::on(CalendarDate::parse($row->today), CalendarDate::parse($row->born))->toInt(), "{$row->born} to {$row->today}");
        }
        self::assertGreaterThan(2000, count($rows));
    }

    /** @return list<object{made: string, life: int, gone: string, day: string, days: int, born: string, today: string, months: int}> those of the columns that the query names */
    private static function select(string $query): array
    {
        /** @var list<object{made: string, life: int, gone: string, day: string, days: int, born: string, today: string, months: int}> $rows */
        $rows = DB::select($query);

        return $rows;
    }
}
