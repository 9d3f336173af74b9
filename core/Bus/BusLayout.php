<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Facts\BusSystem;

/** The benches from front to back, and what may stand on each. */
final readonly class BusLayout
{
    /** @var list<BusBench> from front to back, left before right */
    public array $benches;

    /** @var array<int, list<int>> row => numbers of its benches, the foremost row first */
    public array $rows;

    /** @var array<int, bool> row => whether an emergency exit is in it */
    private array $exits;

    /** @param list<BusBench> $benches */
    public function __construct(array $benches)
    {
        usort($benches, static fn(BusBench $a, BusBench $b): int => [$a->row, $a->side->name] <=> [$b->row, $b->side->name]);
        $rows = $exits = [];
        foreach ($benches as $number => $bench) {
            $rows[$bench->row][] = $number;
            $exits[$bench->row] = ($exits[$bench->row] ?? false) || $bench->exit === true;
        }
        $this->benches = $benches;
        $this->rows = $rows;
        $this->exits = $exits;
    }

    public function number(int $row, BenchSide $side): ?int
    {
        foreach ($this->rows[$row] ?? [] as $number) {
            if ($this->benches[$number]->side === $side) {
                return $number;
            }
        }

        return null;
    }

    public function isExit(int $row): bool
    {
        return $this->exits[$row] ?? false;
    }

    /** Places that restraints may take: all but the aisle's; none in an exit row. */
    public function room(int $bench): int
    {
        return $this->exits[$this->benches[$bench]->row] ? 0 : $this->benches[$bench]->places - 1;
    }

    /** What fixes this system to this bench, rather not a wrap, which binds the bench behind; null where it cannot stand there. */
    public function fixing(int $bench, BusRestraint $system): ?BusFixing
    {
        $on = $this->benches[$bench];
        $isTooDeep = $on->space !== null && $system->depth?->isMoreThan($on->space) === true;
        $lacksShoulderBelt = $system->kind === BusSystem::Booster && $on->belt !== Belt::LapShoulder;
        if ($system->widthPlaces > $this->room($bench) || $isTooDeep || $lacksShoulderBelt) {
            return null;
        }
        $ways = array_filter($system->fixedBy, static fn(BusFixing $way): bool => match ($way) {
            BusFixing::Belt => $on->hasBelt(),
            BusFixing::LowerAnchors => $on->lowerAnchors === true,
            BusFixing::Wrap => true,
            BusFixing::Bench => $on->integrated === $system->id,
        });
        if ($system->kind === BusSystem::Integrated) {
            return $on->integrated === $system->id ? BusFixing::Bench : null;
        }
        usort($ways, static fn(BusFixing $a, BusFixing $b): int => ($a === BusFixing::Wrap) <=> ($b === BusFixing::Wrap));

        return $ways[0] ?? null;
    }
}
