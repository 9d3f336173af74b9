<?php

declare(strict_types=1);

namespace MintBuckle\Core\Written;

use InvalidArgumentException;
use MintBuckle\Core\Calendar\PartialDate;

/**
 * A date as labels print it and people write it: 2021, 03/2021, MAR 2021, 2021-03-14, 14.3.21, 14MAR21, 20210314. What can be meant in
 * two ways has two readings: whoever wrote it says which. A year of two digits is of this century.
 */
final readonly class WrittenDate
{
    /** What stands between a date's parts in words: 14 de marzo de 2021. */
    private const BETWEEN = ['de', 'del', 'of'];

    /**
     * @param array<string, int> $months 1 to 12, by name in small letters and without points, in every language that is read
     * @return list<PartialDate> none: it is no date
     */
    public static function readings(string $text, array $months): array
    {
        $plain = mb_strtolower(trim($text));
        if (preg_match('~\A[\d\p{L}\s./,-]+\z~u', $plain) !== 1) {
            return [];
        }
        preg_match_all('~\d+|\p{L}+~u', $plain, $found);
        $parts = array_values(array_diff($found[0], self::BETWEEN));
        $named = array_values(array_filter($parts, static fn(string $part): bool => ! ctype_digit($part)));
        $numbers = array_values(array_filter($parts, ctype_digit(...)));
        $month = $named === [] ? null : $months[$named[0]] ?? 0;
        if (count($named) > 1 || $month === 0) {
            return [];
        }

        return self::existing($month === null ? self::ofNumbers($numbers, str_contains($plain, '-')) : self::ofMonth($month, $numbers));
    }

    /**
     * @param list<string> $numbers
     * @return list<array{?int, ?int, ?int}> year, month and day
     */
    private static function ofMonth(int $month, array $numbers): array
    {
        return match (count($numbers)) {
            1 => [[self::year($numbers[0]), $month, null]],
            2 => strlen($numbers[0]) === 4
                ? [[self::year($numbers[0]), $month, self::small($numbers[1])]]
                : [[self::year($numbers[1]), $month, self::small($numbers[0])]],
            default => [],
        };
    }

    /**
     * @param list<string> $numbers
     * @param bool $hyphens with which a year of two digits may stand first
     * @return list<array{?int, ?int, ?int}>
     */
    private static function ofNumbers(array $numbers, bool $hyphens): array
    {
        [$a, $b, $c] = [...$numbers, '', '', ''];

        return match (true) {
            count($numbers) === 1 => self::ofOne($a),
            count($numbers) === 2 && strlen($a) === 4 => [[self::year($a), self::small($b), null]],
            count($numbers) === 2 && strlen($b) === 4 => [[self::year($b), self::small($a), null]],
            count($numbers) === 2 => [[self::year($b), self::small($a), null], [self::year($a), self::small($b), null]],
            count($numbers) !== 3 => [],
            strlen($a) === 4 => [[self::year($a), self::small($b), self::small($c)]],
            default => [
                [self::year($c), self::small($b), self::small($a)],
                [self::year($c), self::small($a), self::small($b)],
                ...($hyphens && strlen($c) === 2 ? [[self::year($a), self::small($b), self::small($c)]] : []),
            ],
        };
    }

    /** @return list<array{?int, ?int, ?int}> */
    private static function ofOne(string $number): array
    {
        return match (strlen($number)) {
            4 => [[self::year($number), null, null]],
            6 => [
                [self::year(substr($number, 0, 4)), self::small(substr($number, 4)), null],
                [self::year(substr($number, 2)), self::small(substr($number, 0, 2)), null],
            ],
            8 => [[self::year(substr($number, 0, 4)), self::small(substr($number, 4, 2)), self::small(substr($number, 6))]],
            default => [],
        };
    }

    private static function year(string $digits): ?int
    {
        return match (strlen($digits)) {
            4 => (int) $digits,
            2 => 2000 + (int) $digits,
            default => null,
        };
    }

    /** A month or a day; none that the calendar has where it is longer. */
    private static function small(string $digits): int
    {
        return strlen($digits) <= 2 ? (int) $digits : 0;
    }

    /**
     * @param list<array{?int, ?int, ?int}> $meant
     * @return list<PartialDate> each that the calendar has, once
     */
    private static function existing(array $meant): array
    {
        $dates = [];
        foreach ($meant as [$year, $month, $day]) {
            if ($year === null || $year < 1000) {
                continue;
            }
            try {
                $date = PartialDate::parse(implode('-', array_filter([
                    sprintf('%04d', $year),
                    $month === null ? null : sprintf('%02d', $month),
                    $day === null ? null : sprintf('%02d', $day),
                ], is_string(...))));
                $dates[(string) $date] = $date;
            } catch (InvalidArgumentException) {
                continue;
            }
        }

        return array_values($dates);
    }
}
