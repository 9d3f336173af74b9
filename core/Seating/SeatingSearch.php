<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Facts\SeatingPosition;

/**
 * Tries every assignment, cheapest branches first, and drops a branch only when nothing below it can be among the best: exact.
 * A cost is one number whose digits are, from the left: advice, facts unknown that could stop it, the middle, moves, the way to the
 * third row, other facts unknown, and the places in the order of the riders, so that no two assignments cost the same.
 */
final class SeatingSearch
{
    public const MOST_PLANS = 10;

    /** Weight of one, for each part of a cost. */
    public const ADVICE = self::GRAVE * 256;

    public const GRAVE = self::MIDDLE * 4;

    public const MIDDLE = self::MOVE * 8;

    public const MOVE = self::THIRD_ROW * 2;

    private const THIRD_ROW = self::UNKNOWN * 256;

    public const UNKNOWN = 9 ** SeatingRequest::MOST_RIDERS;

    /** @var array<int, array{int, array<int, PlaceOption>}> cost and options by rider, dearest last */
    private array $best = [];

    private int $worstKept = PHP_INT_MAX;

    private readonly WholeCar $car;

    /** @var list<int> by place */
    private readonly array $rowOf;

    /** @var list<list<int>> by rider and place: what it adds to its row's number */
    private readonly array $digits;

    /**
     * Each rider with its options, those with the fewest first.
     *
     * @var list<array{int, list<array{int, PlaceOption, int, int}>}> rider; an option with cost, bit and needs
     */
    private array $order;

    /** @var list<int> the least that riders from here on will cost */
    private array $least;

    /**
     * @param list<SeatingPosition> $positions
     * @param list<list<array{int, PlaceOption}>> $options by rider: cost and option
     */
    public function __construct(
        array $positions,
        array $options,
        private readonly RowWidths $widths,
        private readonly bool $widthsCount = true,
    ) {
        $this->car = WholeCar::of($positions);
        $this->rowOf = array_map(static fn(SeatingPosition $p): int => $p->row(), $positions);
        $this->digits = array_map(
            static fn(int $rider): array => array_map(static fn(SeatingPosition $p): int => RowWidths::digit($p, $rider), $positions),
            array_keys($options),
        );
        $this->order = self::mostBoundFirst($options);
        $least = 0;
        $this->least = [0];
        foreach (array_reverse($this->order) as [, $choices]) {
            $least += $choices === [] ? 0 : $choices[0][0];
            array_unshift($this->least, $least);
        }
    }

    /** @return list<array<int, PlaceOption>> best first; options by rider */
    public function best(int $most = self::MOST_PLANS): array
    {
        $this->place(0, 0, 0, 0, [], [1 => 0, 2 => 0, 3 => 0], $most);

        return array_column($this->best, 1);
    }

    /**
     * @param list<list<array{int, PlaceOption}>> $options
     * @return list<array{int, list<array{int, PlaceOption, int, int}>}>
     */
    private static function mostBoundFirst(array $options): array
    {
        $order = [];
        foreach ($options as $rider => $choices) {
            usort($choices, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
            $order[] = [$rider, array_map(static fn(array $c): array => [$c[0], $c[1], 1 << $c[1]->place, $c[1]->mustBeTaken], $choices)];
        }
        usort($order, static fn(array $a, array $b): int => count($a[1]) <=> count($b[1]));

        return $order;
    }

    /**
     * @param array<int, PlaceOption> $chosen by rider
     * @param array<int, int> $rows who sits in each, as RowWidths tells it
     */
    private function place(int $depth, int $used, int $needs, int $cost, array $chosen, array $rows, int $most): void
    {
        if (! isset($this->order[$depth])) {
            $this->keep($used, $needs, $cost, $chosen, $rows, $most);

            return;
        }
        [$rider, $choices] = $this->order[$depth];
        $ahead = $cost + $this->least[$depth + 1];
        foreach ($choices as [$price, $option, $bit, $need]) {
            if ($ahead + $price >= $this->worstKept) {
                return;
            }
            if (($used & $bit) !== 0) {
                continue;
            }
            $row = $this->rowOf[$option->place];
            $with = $rows;
            $with[$row] += $this->digits[$rider][$option->place];
            if ($this->widthsCount && ! $this->widths->mayFit($row, $with[$row])) {
                continue;
            }
            $chosen[$rider] = $option;
            $this->place($depth + 1, $used | $bit, $needs | $need, $cost + $price, $chosen, $with, $most);
        }
    }

    /**
     * @param array<int, PlaceOption> $chosen
     * @param array<int, int> $rows
     */
    private function keep(int $used, int $needs, int $cost, array $chosen, array $rows, int $most): void
    {
        $cost += $this->car->thirdRowIsOpen($used) ? 0 : self::THIRD_ROW;
        if ($cost >= $this->worstKept || ! $this->car->allows($used, $needs, $chosen)) {
            return;
        }
        foreach ($this->widthsCount ? $rows : [] as $row => $number) {
            if ($number !== 0 && ! $this->widths->fit($row, $number)) {
                return;
            }
        }
        // The same places held another way are the same plan: the cheaper one is kept.
        foreach ($this->best as $index => [$before, $same]) {
            if (self::places($same) === self::places($chosen)) {
                if ($before <= $cost) {
                    return;
                }
                unset($this->best[$index]);
            }
        }
        $this->best[] = [$cost, $chosen];
        usort($this->best, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $this->best = array_slice($this->best, 0, $most);
        $this->worstKept = count($this->best) < $most ? PHP_INT_MAX : $this->best[$most - 1][0];
    }

    /**
     * @param array<int, PlaceOption> $chosen
     * @return array<int, int> by rider
     */
    private static function places(array $chosen): array
    {
        return array_map(static fn(PlaceOption $o): int => $o->place, $chosen);
    }
}
