<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use InvalidArgumentException;
use MintBuckle\Core\Calendar\PartialDate;

/**
 * A limit as it is typed, and as the case format writes it: entries parted by semicolons, each "[under] AMOUNT UNIT [with belt | with
 * lower anchors] [made from DATE] [made to DATE]"; a DATE is a day, a month or a year. Which entry holds when is the format's to say.
 */
final readonly class LimitText
{
    /** Units that make sense, the usual one first. */
    public const MASS = ['lb', 'kg', 'g', 'oz'];

    public const LENGTH = ['in', 'cm', 'mm'];

    public const AGE = ['months', 'years'];

    public const ANGLE = ['deg'];

    private const MONTHS_A_YEAR = 12;

    /** One of them. */
    private const OTHERWISE = ['month' => 'months', 'year' => 'years', 'lbs' => 'lb', 'inches' => 'in'];

    private const ENTRY = '/\A(?<below>under\s+)?(?<amount>\d+(?:[.,]\d+)?)\s*(?<unit>[a-z]+)?(?:\s+with\s+(?<held>belt|lower '
        . 'anchors|both))?(?:\s+made\s+from\s+(?<from>[\d-]+))?(?:\s+made\s+to\s+(?<to>[\d-]+))?\z/i';

    /**
     * @param list<string> $units that make sense; months for ages
     * @return array<string, mixed>|list<array<string, mixed>>|int|null null when it cannot be read
     */
    public static function parse(string $text, array $units): array|int|null
    {
        $entries = [];
        foreach (array_map(trim(...), explode(';', $text)) as $part) {
            $entry = self::entry($part, $units);
            if ($entry === null) {
                return null;
            }
            $entries[] = $entry;
        }

        return match (true) {
            count($entries) > 1 => $entries,
            array_keys($entries[0]) === ['value'] && is_int($entries[0]['value']) => $entries[0]['value'],
            $units === self::AGE => $entries,
            default => $entries[0],
        };
    }

    /** The other way; null for what this cannot write. */
    public static function show(mixed $limit): ?string
    {
        $entries = is_array($limit) && array_is_list($limit) ? $limit : [$limit];
        $shown = array_map(self::showEntry(...), $entries);

        return in_array(null, $shown, true) || $shown === [] ? null : implode('; ', $shown);
    }

    /**
     * @param list<string> $units
     * @return array<string, mixed>|null
     */
    private static function entry(string $text, array $units): ?array
    {
        if (preg_match(self::ENTRY, $text, $m, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        $number = json_decode(str_replace(',', '.', (string) $m['amount']));
        $unit = strtolower($m['unit'] ?? ($units === self::AGE ? 'months' : ''));
        $unit = self::OTHERWISE[$unit] ?? $unit;
        [$from, $to] = [self::day($m['from'], last: false), self::day($m['to'], last: true)];
        if (! in_array($unit, $units, true) || ($units === self::AGE && ! is_int($number)) || $from === false || $to === false) {
            return null;
        }

        return array_filter([
            'value' => $unit === 'years' && is_int($number) ? $number * self::MONTHS_A_YEAR : $number,
            'unit' => $units === self::AGE ? null : $unit,
            'below' => $m['below'] === null ? null : true,
            'made_from' => $from,
            'made_to' => $to,
            'held_by' => $m['held'] === null ? null : str_replace(' ', '_', strtolower($m['held'])),
        ], static fn(mixed $v): bool => $v !== null);
    }

    /** @return string|false|null the day that a date means, of a month its first or its last; false: no date */
    private static function day(?string $text, bool $last): string|false|null
    {
        if ($text === null) {
            return null;
        }
        try {
            $date = PartialDate::parse($text);
        } catch (InvalidArgumentException) {
            return false;
        }

        return (string) ($last ? $date->latest() : $date->earliest());
    }

    private static function showEntry(mixed $entry): ?string
    {
        if (is_int($entry)) {
            return "{$entry} months";
        }
        $fields = is_object($entry) ? get_object_vars($entry) : (is_array($entry) ? $entry : []);
        $text = static fn(string $key): ?string => is_scalar($fields[$key] ?? null) && ! is_bool($fields[$key])
            ? (string) $fields[$key]
            : null;
        if ($text('value') === null) {
            return null;
        }

        return implode(' ', array_filter([
            ($fields['below'] ?? false) === true ? 'under' : null,
            $text('value'),
            $text('unit') ?? 'months',
            $text('held_by') === null ? null : 'with ' . str_replace('_', ' ', $text('held_by')),
            $text('made_from') === null ? null : "made from {$text('made_from')}",
            $text('made_to') === null ? null : "made to {$text('made_to')}",
        ], static fn(?string $part): bool => $part !== null));
    }
}
