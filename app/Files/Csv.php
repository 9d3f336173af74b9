<?php

declare(strict_types=1);

namespace App\Files;

use Generator;

/**
 * CSV per RFC 4180. A field that a spreadsheet would take for a formula goes out with an apostrophe before it, which spreadsheets do not
 * show, and comes back without it.
 */
final readonly class Csv
{
    private const FORMULA = '/\A\'*+[=+\-@\t\r]/';

    /**
     * @param resource $stream
     * @param list<string> $fields
     */
    public static function write($stream, array $fields): void
    {
        fputcsv($stream, array_map(self::defused(...), $fields), ',', '"', '', "\r\n");
    }

    /**
     * @param resource $stream
     * @return Generator<int, list<string|null>> the fields of each record, by the line that it begins on; of an empty line one that is null
     */
    public static function records($stream): Generator
    {
        $line = 1;
        while (($fields = fgetcsv($stream, null, ',', '"', '')) !== false) {
            yield $line => array_map(self::plain(...), $fields);
            $line += 1 + substr_count(implode('', $fields), "\n");
        }
    }

    /**
     * Whether it is text that can be kept.
     *
     * @param list<string|null> $fields
     */
    public static function isText(array $fields): bool
    {
        $all = implode('', $fields);

        return mb_check_encoding($all, 'UTF-8') && ! str_contains($all, "\0");
    }

    private static function defused(string $field): string
    {
        return preg_match(self::FORMULA, $field) === 1 ? "'{$field}" : $field;
    }

    private static function plain(?string $field): ?string
    {
        return $field !== null && str_starts_with($field, "'") && preg_match(self::FORMULA, $field) === 1 ? substr($field, 1) : $field;
    }
}
