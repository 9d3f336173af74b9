<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

/**
 * A limit as it is typed, and as the case format writes it: entries parted by semicolons, each "[under] AMOUNT UNIT [with belt | with
 * lower anchors] [made from DATE] [made to DATE]". Which entry holds when is the format's to say.
 */
final readonly class LimitText
{
    private const ENTRY = '/\A(?<below>under\s+)?(?<amount>\d+(?:[.,]\d+)?)\s*(?<unit>[a-z]+)?(?:\s+with\s+(?<held>belt|lower '
        . 'anchors|both))?(?:\s+made\s+from\s+(?<from>\d{4}-\d{2}-\d{2}))?(?:\s+made\s+to\s+(?<to>\d{4}-\d{2}-\d{2}))?\z/i';

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
            $units === ['months'] => $entries,
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
        $unit = strtolower($m['unit'] ?? ($units === ['months'] ? 'months' : ''));
        if (! in_array($unit, $units, true) || ($units === ['months'] && ! is_int($number))) {
            return null;
        }

        return array_filter([
            'value' => $number,
            'unit' => $unit === 'months' ? null : $unit,
            'below' => $m['below'] === null ? null : true,
            'made_from' => $m['from'],
            'made_to' => $m['to'],
            'held_by' => $m['held'] === null ? null : str_replace(' ', '_', strtolower($m['held'])),
        ], static fn(mixed $v): bool => $v !== null);
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
        ]));
    }
}
