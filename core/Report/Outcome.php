<?php

declare(strict_types=1);

namespace MintBuckle\Core\Report;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Catalogue\SeatKind;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Loose\Sight;
use MintBuckle\Core\Record\LoggedFact;
use MintBuckle\Core\Record\Withdrawn;

/** What one signed check adds to the figures of its event. */
final readonly class Outcome
{
    /** Of a seat whose kind neither the catalogue nor its ways of riding tell. */
    public const OTHER_KIND = 'other';

    /** The child came without a seat. */
    public const NO_SEAT = 'none';

    /** Withdrawn though nothing stopped it: another one suits this child better. */
    public const SUITS_BETTER = 'suits_better';

    /** Nobody noted what became of a seat. */
    public const NOT_NOTED = 'not_noted';

    private const LOOSE = 'measure.loose';

    /**
     * @param string $kind of the seat as it came: a SeatKind, OTHER_KIND, NO_SEAT
     * @param array<string, int> $counts of the seat, by Measure::key()
     * @param array<string, int> $family what its family adds, once a visit
     * @param int|null $model the catalogue's number of the seat as it came; null: it is not there
     */
    private function __construct(public string $kind, public array $counts, public array $family = [], public ?int $model = null) {}

    /**
     * @param list<Finding> $corrected found open, and no longer there
     * @param bool $isWithdrawn the seat that came is not used any more
     * @param array<string, int> $kit what was taken from the kit, by item
     * @param list<string> $tried keys of what was tried while it would not hold, in their order
     * @param int|null $seconds that the seat took; null: nobody was called to a bay
     */
    public static function of(
        Assessment $asFound,
        array $corrected,
        Assessment $left,
        string $kind,
        bool $isWithdrawn,
        ?Withdrawn $became,
        array $kit,
        array $tried,
        ?int $seconds,
    ): self {
        $found = array_filter($asFound->findings, static fn(Finding $f): bool => $f->severity->isError());
        $gone = array_map(static fn(Finding $f): string => $f->key(), $corrected);
        $stayed = array_filter($found, static fn(Finding $f): bool => ! in_array($f->key(), $gone, true));
        $errors = self::codes($found);
        $putRight = array_diff($errors, self::codes($stayed));
        $counts = [
            Measure::Left->key($left->verdict->value) => 1,
            ...($errors === [] ? [] : [Measure::Erring->key() => 1]),
            ...self::each(Measure::Found, $errors),
            ...self::each(Measure::PutRight, $putRight),
            ...($isWithdrawn ? self::withdrawn([...$asFound->findings, ...$left->findings], $became) : []),
            ...self::each(Measure::Tried, $tried),
            ...(in_array(self::LOOSE, $putRight, true) ? self::each(Measure::Worked, array_slice($tried, -1)) : []),
        ];
        foreach ($kit as $item => $count) {
            $counts[Measure::Kit->key($item)] = $count;
        }
        if ($seconds !== null) {
            $counts[Measure::Minutes->key(Spans::of($seconds, Spans::OF_A_SEAT))] = 1;
            $counts[Measure::Seconds->key()] = $seconds;
        }

        return new self($kind, $counts);
    }

    /**
     * With what its family adds, where it is the first of its visit.
     *
     * @param int $seconds from arriving until the call to a bay
     */
    public function withWait(int $seconds): self
    {
        return new self($this->kind, $this->counts, [
            Measure::Waited->key(Spans::of($seconds, Spans::OF_A_WAIT)) => 1,
            Measure::SecondsWaited->key() => $seconds,
        ], $this->model);
    }

    public function ofModel(?int $model): self
    {
        return new self($this->kind, $this->counts, $this->family, $model);
    }

    /** The kind of a seat by the ways of riding that it has, where the catalogue does not know it. */
    public static function kindOf(?Seat $seat): string
    {
        if ($seat === null) {
            return self::NO_SEAT;
        }
        $ways = array_keys($seat->modes ?? []);
        sort($ways);
        foreach (SeatKind::cases() as $kind) {
            $usual = array_column($kind->modes(), 'value');
            sort($usual);
            if ($ways === $usual) {
                return $kind->value;
            }
        }

        return self::OTHER_KIND;
    }

    /**
     * What was tried while a seat would not hold, each once, the last tried last: "rock_it", "other_lock.clip". How it leans is another
     * matter.
     *
     * @param list<LoggedFact> $notes of AnnotationKind::Tried, in the order in which they came
     * @return list<string>
     */
    public static function tried(array $notes): array
    {
        $tried = [];
        foreach ($notes as $note) {
            [, $sight, $attempt] = [...explode('.', $note->key, 3), '', ''];
            if ($attempt !== '' && ! in_array(Sight::tryFrom($sight), [null, Sight::TooFlat, Sight::TooUpright], true)) {
                $tried = [...array_values(array_diff($tried, [$attempt])), $attempt];
            }
        }

        return $tried;
    }

    /**
     * @param array<Finding> $findings
     * @return list<string> each once
     */
    private static function codes(array $findings): array
    {
        return array_values(array_unique(array_map(static fn(Finding $f): string => $f->code->value, $findings)));
    }

    /**
     * @param list<Finding> $findings
     * @return array<string, int>
     */
    private static function withdrawn(array $findings, ?Withdrawn $became): array
    {
        $stops = self::codes(array_filter($findings, static fn(Finding $f): bool => $f->severity === Severity::Stop));

        return self::each(Measure::WithdrawnFor, $stops === [] ? [self::SUITS_BETTER] : $stops)
            + [Measure::Became->key($became->value ?? self::NOT_NOTED) => 1];
    }

    /**
     * @param array<string> $of
     * @return array<string, int>
     */
    private static function each(Measure $measure, array $of): array
    {
        return array_fill_keys(array_map($measure->key(...), $of), 1);
    }
}
