<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Quantity\Length;

/**
 * Seats a whole family: every assignment that breaks no rule, best first. Exhaustive and exact. What counts, in this order: the
 * least advised against; the fewest facts unknown that could stop it; the middle of the back row for the youngest if its seat is held there
 * well, else
 * the kerb side; the least moving of what is already right; the way to the third row open; the fewest other facts unknown. Common
 * practice; schools differ.
 */
final readonly class SeatingPlanner
{
    /**
     * @param list<ModeName|null> $modes by rider
     * @param list<list<PlaceOption>> $options by rider, also those that break a rule
     * @param int|null $first who has the first claim on the middle
     */
    private function __construct(
        private SeatingRequest $request,
        private array $modes,
        private array $options,
        private RowWidths $widths,
        private ?int $first,
    ) {}

    public static function plan(SeatingRequest $request): SeatingAnswer
    {
        $judge = PlaceJudge::of($request);
        $modes = array_map($judge->modeOf(...), $request->riders);
        $options = [];
        foreach ($request->riders as $index => $rider) {
            $options[] = $modes[$index] === null
                ? []
                : array_merge(
                    [],
                    ...array_map(
                        static fn(int $place): array => $judge->options($rider, $modes[$index], $place),
                        array_keys($request->vehicle->positions),
                    ),
                );
        }
        $widths = new RowWidths(
            $request->vehicle->positions,
            array_map(static fn(Rider $r): ?Length => $r->seat?->width, $request->riders),
            array_map(static fn(?ModeName $m): bool => $m?->hasSeat() !== false, $modes),
        );

        return (new self($request, $modes, $options, $widths, FirstClaim::of($request, $modes)))->answer();
    }

    private function answer(): SeatingAnswer
    {
        $found = $this->search();
        if ($found === []) {
            return new SeatingAnswer(
                [],
                Obstacles::of($this->request, $this->modes, $this->options, fn(array $waived): bool => $this->search($waived, 1) !== []),
            );
        }
        $why = new PlanReasons($this->request, $this->first, $this->widths);

        return new SeatingAnswer(array_map($why->plan(...), $found), null);
    }

    /**
     * @param list<string> $waived constraints left out, to see which of them stand in the way
     * @return list<array<int, PlaceOption>>
     */
    private function search(array $waived = [], int $most = SeatingSearch::MOST_PLANS): array
    {
        $open = [];
        foreach ($this->options as $rider => $options) {
            $open[] = array_map(
                fn(PlaceOption $o): array => [$this->cost($rider, $o), $o],
                array_values(array_filter($options, fn(PlaceOption $o): bool => $this->isOpen($rider, $o, $waived))),
            );
        }

        return in_array([], $open, true)
            ? []
            : (new SeatingSearch(
                $this->request->vehicle->positions,
                array_map(static fn(array $options): array => self::waive($options, $waived), $open),
                $this->widths,
                ! in_array('place.too_wide', $waived, true),
            ))->best($most);
    }

    /** @param list<string> $waived */
    private function isOpen(int $rider, PlaceOption $option, array $waived): bool
    {
        $kept = $this->request->riders[$rider]->keep && ! in_array(Obstacles::KEEP, $waived, true);
        foreach ($option->breaks as $finding) {
            if (! in_array($finding->code->value, $waived, true)) {
                return false;
            }
        }

        return ! $kept || $this->request->vehicle->positions[$option->place]->name === $this->request->riders[$rider]->nowAt;
    }

    /**
     * @param list<array{int, PlaceOption}> $options
     * @param list<string> $waived
     * @return list<array{int, PlaceOption}>
     */
    private static function waive(array $options, array $waived): array
    {
        return $waived === []
            ? $options
            : array_map(static fn(array $priced): array => [$priced[0], $priced[1]->without($waived)], $options);
    }

    private function cost(int $rider, PlaceOption $option): int
    {
        return count($option->advises) * SeatingSearch::ADVICE
            + min(40, $option->grave) * SeatingSearch::GRAVE
            + min(40, count($option->unknown)) * SeatingSearch::UNKNOWN
            + ($rider === $this->first ? $this->claim($option) * SeatingSearch::MIDDLE : 0)
            + ($this->isMoved($rider, $option) ? SeatingSearch::MOVE : 0)
            + $option->place * 9 ** (SeatingRequest::MOST_RIDERS - 1 - $rider);
    }

    /** 0 for the middle of a back row, where the seat is held there well; 1 for the kerb side of one; else 2. */
    private function claim(PlaceOption $option): int
    {
        $position = $this->request->vehicle->positions[$option->place];

        return match (true) {
            $position->row() === 1 => 2,
            $position->isCentre() => $option->well ? 0 : 2,
            default => str_ends_with($position->name, $this->request->kerbSide()) ? 1 : 2,
        };
    }

    /** Whether a rider leaves a place where it is right. */
    private function isMoved(int $rider, PlaceOption $option): bool
    {
        $now = $this->request->riders[$rider]->nowAt;
        if ($now === null || $this->request->vehicle->positions[$option->place]->name === $now) {
            return false;
        }
        foreach ($this->options[$rider] as $other) {
            if ($this->request->vehicle->positions[$other->place]->name === $now && $other->breaks === []) {
                return true;
            }
        }

        return false;
    }
}
