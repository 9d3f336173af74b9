<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

/** Whatever of a manual stands in rows of a form: recline settings, cushions and zones, as the one text that FieldText reads. */
final readonly class FieldRows
{
    private const COLUMNS = [
        'recline' => ['settings', 'from', 'to'],
        'inserts' => ['name', 'from', 'to'],
        'zones' => ['name', 'age_from', 'age_to', 'from', 'to', 'sits'],
    ];

    /** @return list<string> what a row of it asks; none for what has no rows of this sort */
    public static function columns(FieldKind $kind): array
    {
        return match ($kind) {
            FieldKind::Recline => self::COLUMNS['recline'],
            FieldKind::Inserts => self::COLUMNS['inserts'],
            FieldKind::Zones => self::COLUMNS['zones'],
            default => [],
        };
    }

    /** @param array<array-key, mixed> $rows as a form sends them */
    public static function text(FieldKind $kind, array $rows): string
    {
        if ($kind->isLimit()) {
            return LimitRows::text($rows);
        }
        $entries = [];
        foreach ($rows as $row) {
            $said = static fn(string $key): string => is_array($row) && is_string($row[$key] ?? null) ? trim($row[$key]) : '';
            $range = static fn(string $from, string $to): string => trim(
                ($said($from) === '' ? '' : "from {$said($from)}") . ($said($to) === '' ? '' : " to {$said($to)}"),
            );
            $name = $said('name') . $said('settings');
            $ranges = array_values(array_filter([$range('age_from', 'age_to'), $range('from', 'to')]));
            $sits = ['yes' => [RangeText::SITS], 'no' => [RangeText::NEED_NOT_SIT]][$said('sits')] ?? [];
            if ($name . implode('', $ranges) !== '') {
                $entries[] = implode(', ', [trim("{$name} " . array_shift($ranges)), ...$ranges, ...$sits]);
            }
        }

        return implode('; ', $entries);
    }

    /** @return list<array<string, string>> rows by column; none where nothing is said */
    public static function of(FieldKind $kind, string $text): array
    {
        $rows = [];
        foreach ($text === '' || $text === FieldText::NONE ? [] : explode(';', $text) as $entry) {
            $rows[] = self::row($kind, trim($entry));
        }

        return $rows;
    }

    /** @return array<string, string> */
    private static function row(FieldKind $kind, string $entry): array
    {
        if ($kind === FieldKind::Recline) {
            preg_match('/\A(?<settings>.*?)\s*' . RangeText::RANGE . '\z/', $entry, $m);

            return ['settings' => $m['settings'] ?? $entry, 'from' => trim($m['from'] ?? ''), 'to' => trim($m['to'] ?? '')];
        }
        $parts = array_map(trim(...), explode(',', $entry));
        $row = ['name' => $parts[0]];
        if (preg_match('/\A(?<name>.+?)\s+(?<rest>(?:from|to)\s+\d.*)\z/', $parts[0], $m) === 1) {
            $row = ['name' => $m['name']];
            array_splice($parts, 0, 1, ['', $m['rest']]);
        }
        foreach (array_slice($parts, 1) as $part) {
            if ($part === RangeText::SITS || $part === RangeText::NEED_NOT_SIT) {
                $row['sits'] = $part === RangeText::SITS ? 'yes' : 'no';
            } elseif (preg_match('/\A' . RangeText::RANGE . '\z/', $part, $m) === 1) {
                $isAge = preg_match('/\b(?:month|year)s?\z/', $part) === 1;
                $row[$isAge ? 'age_from' : 'from'] = trim($m['from'] ?? '');
                $row[$isAge ? 'age_to' : 'to'] = trim($m['to'] ?? '');
            }
        }

        return $row;
    }
}
