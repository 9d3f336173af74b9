<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Files\Chunks;
use App\Files\Csv;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\JsonList;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Recall\RecallIntake;
use stdClass;

/**
 * A recall list as a file: CSV per RFC 4180, line by line, or JSON by its schema, campaign by campaign. What it says is the core's to
 * judge.
 */
final readonly class RecallFile
{
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
        $records = Csv::records($stream);
        $header = $records->valid() ? $records->current() : [];
        if (! Csv::isText($header)) {
            $intake->problem('line 1', 'is not UTF-8 text');
        }
        $columns = $intake->hasProblems() ? null : $intake->header($header);
        $size = 0;
        for ($records->next(); $columns !== null && ! $intake->isHopeless() && $records->valid(); $records->next()) {
            [$line, $fields] = [$records->key(), $records->current()];
            if ($fields === [null]) {
                continue;
            }
            if (! Csv::isText($fields)) {
                $intake->problem("line {$line}", 'is not UTF-8 text');
                continue;
            }
            $campaign = $intake->row($columns, $fields, $line);
            if ($campaign !== null && ! $intake->hasProblems()) {
                $each($campaign, ++$size);
            }
        }
        fclose($stream);

        return new self($date, $size);
    }

    /** @param callable(Campaign, int): void $each */
    private static function json(string $path, RecallIntake $intake, callable $each): self
    {
        $size = 0;
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        $items = JsonList::read(Chunks::of($stream), 'campaigns');
        try {
            foreach ($items as $index => $row) {
                $campaign = $row instanceof stdClass ? self::campaign($row, $intake, "campaigns.{$index}") : $intake->refused($row);
                if ($campaign !== null && ! $intake->hasProblems()) {
                    $each($campaign, ++$size);
                }
                if ($intake->isHopeless()) {
                    return new self(null, 0);
                }
            }
            $list = $items->getReturn();
        } catch (InvalidCase $e) {
            $intake->refused($e);

            return new self(null, 0);
        }
        if (($list->format ?? null) !== RecallIntake::FORMAT || ($list->version ?? null) !== RecallIntake::VERSION) {
            $intake->problem('(file)', 'is no ' . RecallIntake::FORMAT . ' of version ' . RecallIntake::VERSION . ', or was cut short');
        }
        foreach (array_diff(array_keys(get_object_vars($list)), ['format', 'version', 'dated']) as $key) {
            $intake->problem($key, 'is not a key of this format');
        }

        return new self($intake->dated(is_string($list->dated ?? null) ? $list->dated : null), $size);
    }

    private static function campaign(stdClass $row, RecallIntake $intake, string $where): ?Campaign
    {
        if (str_contains(json_encode($row, JSON_THROW_ON_ERROR), '\\u0000')) {
            $intake->problem($where, 'holds a character that no text has');
        }

        return $intake->campaign($row, $where);
    }
}
