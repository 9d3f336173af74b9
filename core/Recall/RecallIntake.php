<?php

declare(strict_types=1);

namespace MintBuckle\Core\Recall;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Problems;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\CaseFile\ValueReader;
use MintBuckle\Core\Facts\Campaign;
use stdClass;

/**
 * Takes a recall list in, campaign by campaign, from JSON or from the rows of a CSV file. Every problem is named with its line or
 * place; with one problem the whole list is refused.
 */
final class RecallIntake
{
    public const FORMAT = 'mint-buckle/recall-list';

    public const VERSION = 1;

    /** Columns of the CSV form. Several models stand in one field, parted by an upright stroke. */
    public const COLUMNS = ['id', 'maker', 'models', 'made_from', 'made_to', 'serial_from', 'serial_to', 'advice', 'defect', 'remedy'];

    public const BETWEEN_MODELS = '|';

    private const MOST_PROBLEMS = 100;

    /** Where it is made it can be a day later than here: such a list is of today. */
    private const ZONES = 1;

    /** @var array<string, true> */
    private array $ids = [];

    /** @var list<Problem> */
    private array $problems = [];

    /** @param CalendarDate $today on which the list is taken: none is dated more than a day later */
    public function __construct(private readonly CalendarDate $today) {}

    /** The date of the whole list. */
    public function dated(?string $dated, string $where = 'dated'): ?CalendarDate
    {
        $problems = new Problems();
        $date = $dated === null ? null : ValueReader::date($dated, 'dated', $problems);
        $this->gather($problems);
        if ($date === null && $dated === null) {
            $this->problems[] = new Problem($where, 'is needed: without its date nobody knows how fresh the list is');
        } elseif ($date !== null && $this->today->daysUntil($date) > self::ZONES) {
            $this->problems[] = new Problem($where, 'lies after today');
        }

        return $date?->isAfter($this->today) === true ? $this->today : $date;
    }

    /**
     * One campaign in the case format's shape.
     *
     * @param string $where before each problem: "line 17", "campaigns.3"
     */
    public function campaign(stdClass $row, string $where): ?Campaign
    {
        $problems = new Problems();
        $campaign = SectionReader::read(Campaign::class, $row, "{$where}.", $problems);
        if ($campaign->madeFrom !== null && $campaign->madeTo?->isBefore($campaign->madeFrom) === true) {
            $problems->add("{$where}.made_to", 'lies before made_from');
        }
        if (isset($this->ids[$campaign->id])) {
            $problems->add("{$where}.id", "is the second {$campaign->id}");
        }
        $this->ids[$campaign->id] = true;

        return $this->gather($problems) ? $campaign : null;
    }

    /**
     * The columns of a CSV file's first line.
     *
     * @param list<string|null> $header
     * @return list<string>|null null when it cannot be read by them
     */
    public function header(array $header): ?array
    {
        $columns = array_map(static fn(?string $c): string => strtolower(trim((string) $c, " \u{FEFF}")), $header);
        $unknown = array_diff($columns, self::COLUMNS);
        $missing = array_diff(['id', 'maker'], $columns);
        foreach ($unknown as $column) {
            $this->problems[] = new Problem('line 1', "has a column that the form does not know: {$column}");
        }
        foreach ($missing as $column) {
            $this->problems[] = new Problem('line 1', "lacks the column {$column}");
        }
        if (count(array_unique($columns)) < count($columns)) {
            $this->problems[] = new Problem('line 1', 'names a column twice');
        }

        return $this->problems === [] ? $columns : null;
    }

    /**
     * A CSV row in the case format's shape.
     *
     * @param list<string> $columns
     * @param list<string|null> $fields
     */
    public function row(array $columns, array $fields, int $line): ?Campaign
    {
        if (count($fields) !== count($columns)) {
            $this->problems[] = new Problem(
                "line {$line}",
                'has ' . count($fields) . ' fields where the first line has ' . count($columns),
            );

            return null;
        }
        $row = new stdClass();
        foreach ($columns as $i => $column) {
            $text = trim((string) $fields[$i]);
            $row->{$column} = match (true) {
                $text === '' => null,
                $column === 'models' => array_map(trim(...), explode(self::BETWEEN_MODELS, $text)),
                default => $text,
            };
        }

        return $this->campaign($row, "line {$line}");
    }

    public function problem(string $where, string $message): void
    {
        $this->problems[] = new Problem($where, $message);
    }

    /** What somebody else found wrong with the file; always null, so that a reader can end with it. */
    public function refused(InvalidCase $e): null
    {
        array_push($this->problems, ...$e->problems);

        return null;
    }

    public function hasProblems(): bool
    {
        return $this->problems !== [];
    }

    /** Whether so much is wrong that reading on helps nobody. */
    public function isHopeless(): bool
    {
        return count($this->problems) >= self::MOST_PROBLEMS;
    }

    /** @throws InvalidCase when anything was wrong */
    public function stopIfAny(): void
    {
        if ($this->problems !== []) {
            throw new InvalidCase($this->problems);
        }
    }

    private function gather(Problems $problems): bool
    {
        try {
            $problems->stopIfAny();
        } catch (InvalidCase $e) {
            array_push($this->problems, ...$e->problems);

            return false;
        }

        return true;
    }
}
