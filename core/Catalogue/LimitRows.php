<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

/**
 * A limit as rows of a form: figure, unit, "under", what holds the seat, made from and to. They are the entries of LimitText, each taken
 * apart, so that nobody needs to know how it is written.
 */
final readonly class LimitRows
{
    private const ENTRY = '/\A(?<below>under\s+)?(?<amount>\S+)(?:\s+(?<unit>[a-z]+))?(?:\s+with\s+(?<held>belt|lower anchors|both))?'
        . '(?:\s+made\s+from\s+(?<from>\S+))?(?:\s+made\s+to\s+(?<to>\S+))?\z/i';

    private const BLANK = ['amount' => '', 'unit' => '', 'below' => '', 'held' => '', 'from' => '', 'to' => ''];

    /**
     * @param array<array-key, mixed> $rows as a form sends them; a row without a figure says nothing
     * @return string as LimitText reads it
     */
    public static function text(array $rows): string
    {
        return implode('; ', array_filter(array_map(self::entry(...), $rows), static fn(string $entry): bool => $entry !== ''));
    }

    /** @return list<array{amount: string, unit: string, below: string, held: string, from: string, to: string}> one at least */
    public static function of(string $text): array
    {
        $rows = [];
        foreach (explode(';', $text) as $entry) {
            $rows[] = preg_match(self::ENTRY, trim($entry), $m) === 1
                ? [
                    'amount' => $m['amount'],
                    'unit' => strtolower($m['unit'] ?? ''),
                    'below' => $m['below'] === '' ? '' : '1',
                    'held' => strtolower($m['held'] ?? ''),
                    'from' => $m['from'] ?? '',
                    'to' => $m['to'] ?? '',
                ]
                : ['amount' => trim($entry)] + self::BLANK;
        }

        return $rows;
    }

    private static function entry(mixed $row): string
    {
        $said = static fn(string $key): string => is_array($row) && is_string($row[$key] ?? null) ? trim($row[$key]) : '';
        if ($said('amount') === '') {
            return '';
        }
        // A figure that was typed with its unit keeps it.
        $hasUnit = preg_match('/[a-z]/i', $said('amount')) === 1;

        return implode(' ', array_filter([
            $said('below') === '' ? '' : 'under',
            $said('amount'),
            $hasUnit ? '' : $said('unit'),
            $said('held') === '' ? '' : "with {$said('held')}",
            $said('from') === '' ? '' : "made from {$said('from')}",
            $said('to') === '' ? '' : "made to {$said('to')}",
        ], static fn(string $part): bool => $part !== ''));
    }
}
