<?php

declare(strict_types=1);

namespace App\Recalls;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Recall\RecallIntake;
use stdClass;

/** A recall list as a file: CSV per RFC 4180, read line by line, or JSON by its schema. What it says is the core's to judge. */
final readonly class RecallFile
{
    /** JSON is read whole: above this a list comes as CSV. */
    private const MOST_JSON_BYTES = 67_108_864;

    private function __construct(public ?CalendarDate $dated, public int $size) {}

    /**
     * @param string|null $dated of a CSV file, which has no place for it
     * @param callable(Campaign, int): void $each campaign with its number
     * @throws InvalidCase with every problem found
     */
    public static function read(string $path, ?string $dated, CalendarDate $today, callable $each): self
    {
        $intake = new RecallIntake($today);
        $start = ltrim((string) file_get_contents($path, false, null, 0, 64), "\u{FEFF} \n\r\t");
        $read = str_starts_with($start, '{') ? self::json($path, $intake, $each) : self::csv($path, $dated, $intake, $each);
        $intake->stopIfAny();

        return $read;
    }

    /** @param callable(Campaign, int): void $each */
    private static function csv(string $path, ?string $dated, RecallIntake $intake, callable $each): self
    {
        $date = $intake->dated($dated);
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        $header = fgetcsv($stream, null, ',', '"', '');
        $columns = is_array($header) ? $intake->header($header) : $intake->header([]);
        $line = 2;
        $size = 0;
        while ($columns !== null && ! $intake->isHopeless() && ($fields = fgetcsv($stream, null, ',', '"', '')) !== false) {
            if ($fields !== [null]) {
                if (! self::isText($fields)) {
                    $intake->problem("line {$line}", 'is not UTF-8 text');
                }
                $campaign = $intake->row($columns, $fields, $line);
                if ($campaign !== null && ! $intake->hasProblems()) {
                    $each($campaign, ++$size);
                }
            }
            $line += 1 + substr_count(implode('', $fields), "\n");
        }
        fclose($stream);

        return new self($date, $size);
    }

    /** @param list<string|null> $fields */
    private static function isText(array $fields): bool
    {
        return mb_check_encoding(implode('', $fields), 'UTF-8');
    }

    /** @param callable(Campaign, int): void $each */
    private static function json(string $path, RecallIntake $intake, callable $each): self
    {
        $list = filesize($path) > self::MOST_JSON_BYTES ? null : json_decode((string) file_get_contents($path));
        if (
            ! $list instanceof stdClass
            || ($list->format ?? null) !== RecallIntake::FORMAT
            || ($list->version ?? null) !== RecallIntake::VERSION
            || ! is_array($list->campaigns ?? null)
        ) {
            $intake->problem('(file)', 'is no ' . RecallIntake::FORMAT . ' of version ' . RecallIntake::VERSION . ', or was cut short');

            return new self(null, 0);
        }
        $unknown = array_diff(array_keys(get_object_vars($list)), ['format', 'version', 'dated', 'campaigns']);
        foreach ($unknown as $key) {
            $intake->problem($key, 'is not a key of this format');
        }
        $date = $intake->dated(is_string($list->dated ?? null) ? $list->dated : null);
        $size = 0;
        $rows = is_array($list->campaigns) ? array_values($list->campaigns) : [];
        foreach ($rows as $index => $row) {
            if (! $row instanceof stdClass) {
                $intake->problem("campaigns.{$index}", 'must be an object');
            }
            $campaign = $intake->campaign($row instanceof stdClass ? $row : new stdClass(), "campaigns.{$index}");
            if ($campaign !== null && ! $intake->hasProblems()) {
                $each($campaign, ++$size);
            }
            if ($intake->isHopeless()) {
                break;
            }
        }

        return new self($date, $size);
    }
}
