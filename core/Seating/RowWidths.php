<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Quantity\Length;

/**
 * Whether seats side by side fit: in every row, the seats and people next to each other may not be wider together than their places.
 * Somebody without a seat takes the width of the place; a seat of unknown width is not held against anybody; without the width of a
 * place nothing can be said of it. A seat with free places on both sides may overlap them. Common practice.
 *
 * A row is told by a number: for each column, left to right, three bits with the rider there plus one; 0 is empty.
 */
final class RowWidths
{
    private const BITS = 3;

    private const COLUMNS = ['L' => 0, 'C' => 1, 'R' => 2];

    /** @var array<int, array<int, bool>> whether a row fits, by row and number */
    private array $fit = [];

    /** @var array<int, array<int, bool>> whether a row can still come to fit when others join it */
    private array $mayFit = [];

    /** @var array<int, array<int, SeatingPosition>> by row and column */
    private readonly array $rows;

    private readonly bool $known;

    /** The narrowest that may join a row. */
    private readonly Length $narrowest;

    /**
     * @param list<SeatingPosition> $positions
     * @param list<Length|null> $seats by rider; null: unknown
     * @param list<bool> $seated by rider: whether it has a seat
     */
    public function __construct(array $positions, private readonly array $seats, private readonly array $seated)
    {
        $rows = [];
        foreach ($positions as $position) {
            $rows[$position->row()][self::COLUMNS[$position->name[1]]] = $position;
        }
        $this->rows = $rows;
        $known = array_filter($seats, is_object(...));
        $this->known = $known !== [] && array_filter($positions, static fn(SeatingPosition $p): bool => $p->width !== null) !== [];
        $this->narrowest = count($known) < count($seats)
            ? Length::of(0)
            : array_reduce(
                $known,
                static fn(?Length $least, Length $one): Length => $least === null || $one->isLessThan($least) ? $one : $least,
            ) ?? Length::of(0);
    }

    /** Whether any width is known that could be compared. */
    public function areKnown(): bool
    {
        return $this->known;
    }

    /** What a rider at a place adds to the number of its row. */
    public static function digit(SeatingPosition $position, int $rider): int
    {
        return ($rider + 1) << self::BITS * self::COLUMNS[$position->name[1]];
    }

    public function fit(int $row, int $number): bool
    {
        return $this->fit[$row][$number] ??= ! $this->known || $this->runsFit($row, $this->widthsOf($row, $number));
    }

    /**
     * The first that are too wide side by side.
     *
     * @return array{list<SeatingPosition>, Length, Length}|null places, width of the seats, width of the places
     */
    public function tooWide(int $row, int $number): ?array
    {
        foreach ($this->fit($row, $number) ? [] : self::runs($this->widthsOf($row, $number)) as $run) {
            if (! $this->runFits($row, $run)) {
                $places = array_values(array_intersect_key($this->rows[$row], $run));

                return [
                    $places,
                    self::sum(array_values($run)),
                    self::sum(array_values(array_filter(array_map(static fn(SeatingPosition $p): ?Length => $p->width, $places)))),
                ];
            }
        }

        return null;
    }

    /** @param list<Length> $lengths */
    private static function sum(array $lengths): Length
    {
        return array_reduce($lengths, static fn(Length $sum, Length $one): Length => $sum->plus($one), Length::of(0));
    }

    /** Adding somebody narrow beside a wide seat can make room: a row is given up only when no such addition would help. */
    public function mayFit(int $row, int $number): bool
    {
        return $this->mayFit[$row][$number] ??= $this->fit($row, $number) || $this->someAdditionFits($row, $this->widthsOf($row, $number));
    }

    /** @return array<int, Length|null> by column: how wide what is there is; null: nothing */
    private function widthsOf(int $row, int $number): array
    {
        $widths = [];
        foreach ($this->rows[$row] as $column => $position) {
            $rider = ($number >> self::BITS * $column & 7) - 1;
            $widths[$column] = match (true) {
                $rider >= 0 => $this->seated[$rider] ? $this->seats[$rider] ?? Length::of(0) : $position->width ?? Length::of(0),
                $position->taken === true => $position->width ?? Length::of(0),
                default => null,
            };
        }

        return $widths;
    }

    /** @param array<int, Length|null> $widths */
    private function someAdditionFits(int $row, array $widths): bool
    {
        $empty = array_keys(array_filter($widths, is_null(...)));
        for ($set = 1; $set < 1 << count($empty); $set++) {
            $filled = $widths;
            foreach ($empty as $bit => $column) {
                if (($set >> $bit & 1) === 1) {
                    $filled[$column] = $this->narrowest;
                }
            }
            if ($this->runsFit($row, $filled)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<int, Length|null> $widths */
    private function runsFit(int $row, array $widths): bool
    {
        foreach (self::runs($widths) as $run) {
            if (! $this->runFits($row, $run)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array<int, Length|null> $widths
     * @return list<array<int, Length>> what stands side by side
     */
    private static function runs(array $widths): array
    {
        $runs = [];
        $run = [];
        foreach ([0, 1, 2, 3] as $column) {
            if (isset($widths[$column])) {
                $run[$column] = $widths[$column];
            } elseif ($run !== []) {
                $runs[] = $run;
                $run = [];
            }
        }

        return $runs;
    }

    /** @param array<int, Length> $run neighbouring columns that are in use */
    private function runFits(int $row, array $run): bool
    {
        [$seats, $places] = [Length::of(0), Length::of(0)];
        foreach ($run as $column => $width) {
            $place = ($this->rows[$row][$column] ?? null)?->width;
            if ($place === null) {
                return true;
            }
            [$seats, $places] = [$seats->plus($width), $places->plus($place)];
        }

        return count($run) < 2 || ! $places->isLessThan($seats);
    }
}
