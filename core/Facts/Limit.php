<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\PartialDate;

/**
 * A maker's limit: one figure, or several with the conditions under which each speaks. Of the entries that apply, the one with more
 * conditions holds over one with fewer; among equally many, the strictest.
 */
final readonly class Limit
{
    /** Any of these is possible while it is not known what holds the seat. */
    private const HELD = [HeldBy::Belt, HeldBy::LowerAnchors, HeldBy::Both];

    /** @param non-empty-list<LimitEntry> $entries */
    public function __construct(public array $entries) {}

    public function asMaximum(?PartialDate $madeOn, ?HeldBy $heldBy): ResolvedLimit
    {
        return $this->resolved($madeOn, $heldBy, -1);
    }

    public function asMinimum(?PartialDate $madeOn, ?HeldBy $heldBy): ResolvedLimit
    {
        return $this->resolved($madeOn, $heldBy, 1);
    }

    public function tellsWaysOfHoldingApart(): bool
    {
        return array_filter($this->entries, static fn(LimitEntry $e): bool => $e->heldBy !== null) !== [];
    }

    /**
     * Every day on which the seat may have been made is tried with everything that may hold it; where all give one figure, it holds.
     *
     * @param 1|-1 $stricter the sign of a comparison in which the stricter figure stands first
     */
    private function resolved(?PartialDate $madeOn, ?HeldBy $heldBy, int $stricter): ResolvedLimit
    {
        if (count($this->entries) === 1 && $this->entries[0]->conditions() === 0) {
            return new ResolvedLimit($this->entries[0], [], $this->entries);
        }
        $days = $this->daysThatDiffer($madeOn);
        $ways = $heldBy === null && $this->tellsWaysOfHoldingApart() ? self::HELD : [$heldBy];
        $byDay = [];
        foreach ($days as $day) {
            $byDay[] = array_map(fn(?HeldBy $way): ?LimitEntry => $this->holding($day, $way, $stricter), $ways);
        }
        $missing = [
            ...(self::differ($byDay, byColumn: true) ? ['seat.made_on'] : []),
            ...(self::differ($byDay, byColumn: false) ? ['setup.held_by'] : []),
        ];

        return new ResolvedLimit($missing === [] ? $byDay[0][0] : null, $missing, array_merge(...$byDay));
    }

    /** @return non-empty-list<int> one day number for each stretch of possible days that the entries' windows tell apart */
    private function daysThatDiffer(?PartialDate $madeOn): array
    {
        $turns = [];
        foreach ($this->entries as $entry) {
            array_push(
                $turns,
                ...($entry->madeFrom === null ? [] : [$entry->madeFrom->dayNumber()]),
                ...($entry->madeTo === null ? [] : [$entry->madeTo->dayNumber() + 1]),
            );
        }
        if ($madeOn === null) {
            return $turns === [] ? [0] : [min($turns) - 1, ...$turns];
        }
        $first = $madeOn->earliest()->dayNumber();

        return [
            $first,
            ...array_values(array_filter($turns, static fn(int $day): bool => $day > $first && $day <= $madeOn->latest()->dayNumber())),
        ];
    }

    /** @param 1|-1 $stricter */
    private function holding(int $day, ?HeldBy $heldBy, int $stricter): ?LimitEntry
    {
        $holds = null;
        foreach ($this->entries as $entry) {
            if ($entry->applies($day, $heldBy) && ($holds === null || self::rank($entry, $holds, $stricter) > 0)) {
                $holds = $entry;
            }
        }

        return $holds;
    }

    /**
     * Positive where the first entry holds over the second.
     *
     * @param 1|-1 $stricter
     */
    private static function rank(LimitEntry $entry, LimitEntry $than, int $stricter): int
    {
        return [$entry->conditions(), $entry->value->compareTo($than->value) * $stricter, (int) $entry->below]
            <=> [$than->conditions(), 0, (int) $than->below];
    }

    /**
     * Whether the figure changes from one day to another (down a column), or from one way of holding to another (along a row).
     *
     * @param non-empty-list<non-empty-list<LimitEntry|null>> $byDay
     */
    private static function differ(array $byDay, bool $byColumn): bool
    {
        foreach ($byDay as $row) {
            foreach ($row as $column => $entry) {
                if (! self::same($entry, $byColumn ? $byDay[0][$column] : $row[0])) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function same(?LimitEntry $one, ?LimitEntry $other): bool
    {
        return $one === null || $other === null
            ? $one === $other
            : $one->below === $other->below && $one->value->equals($other->value);
    }
}
