<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus\ByHand;

use MintBuckle\Core\Bus\Allotment;
use MintBuckle\Core\Bus\BoardingOrder;
use MintBuckle\Core\Bus\BusBench;
use MintBuckle\Core\Bus\BusLayout;
use MintBuckle\Core\Bus\BusPlan;
use MintBuckle\Core\Bus\BusRequest;
use MintBuckle\Core\Bus\BusRestraint;
use MintBuckle\Core\Bus\BusRider;
use MintBuckle\Core\Bus\BusSeat;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\BusFixing;

/** A bus as somebody seats it by hand: anything may be put anywhere, and what may not be is said. */
final readonly class Placing
{
    public BusLayout $layout;

    private Allotment $allotment;

    /** @param array<array-key, BusSeat> $seats rider => seat; who is missing is not seated yet */
    public function __construct(public BusRequest $request, public array $seats = [])
    {
        $this->layout = new BusLayout($request->benches);
        $this->allotment = new Allotment($request);
    }

    /** Somebody on another place, in what suits them there. Who sat there takes the place that became free, or none. */
    public function moved(string $name, int $row, BenchSide $side, int $place): self
    {
        $number = $this->layout->number($row, $side);
        if ($number === null || $this->rider($name) === null) {
            return $this;
        }
        $seats = $this->seats;
        $other = $this->sitting($this->layout->benches[$number], $place);
        $left = $seats[$name] ?? null;
        unset($seats[$name]);
        if ($other !== null && $other !== $name) {
            unset($seats[$other]);
            $seats = $left === null ? $seats : $seats + [$other => $this->seat($other, $this->number($left->bench), $left->place, $seats)];
        }

        return new self($this->request, $seats + [$name => $this->seat($name, $number, $place, $seats)]);
    }

    /** Somebody put where they were before, in a system of the bus; whoever or whatever is not of this bus is left out. */
    public function put(string $name, int $row, BenchSide $side, int $place, ?string $system): self
    {
        $number = $this->layout->number($row, $side);
        $restraint = $this->request->system($system);
        if ($number === null || $this->rider($name) === null || $place < 1 || ($system !== null && $restraint === null)) {
            return $this;
        }

        return new self($this->request, [$name => $this->held($number, $place, $restraint)] + $this->seats);
    }

    /** @return list<string> who has no place yet */
    public function unseated(): array
    {
        $names = array_map(static fn(BusRider $rider): string => $rider->name, $this->request->riders);

        return array_values(array_filter($names, fn(string $name): bool => ! isset($this->seats[$name])));
    }

    /** @return list<PlacingFault> */
    public function faults(): array
    {
        return (new PlacingFaults($this, $this->allotment))->all();
    }

    /** The same as a plan that was found, with the order of boarding and the benches that stay empty. */
    public function plan(): BusPlan
    {
        $seats = [];
        foreach ($this->request->riders as $rider) {
            if (isset($this->seats[$rider->name])) {
                $seats[$rider->name] = $this->seats[$rider->name];
            }
        }
        $empty = array_filter($this->layout->benches, fn(BusBench $bench): bool => ! $bench->hasBelt()
            && $this->isBehindWrap($bench) && $this->on($bench) === []);

        return new BusPlan($seats, BoardingOrder::of($this->request, $seats), array_values($empty), []);
    }

    /** Whether the next bench ahead on the same side carries a wrap. */
    public function isBehindWrap(BusBench $bench): bool
    {
        $ahead = array_filter($this->layout->benches, static fn(BusBench $b): bool => $b->side === $bench->side && $b->row < $bench->row);
        $next = $ahead === [] ? null : $ahead[array_key_last($ahead)];

        return $next !== null
            && array_filter($this->on($next), static fn(BusSeat $seat): bool => $seat->heldBy === BusFixing::Wrap) !== [];
    }

    /** @return array<array-key, BusSeat> rider => seat */
    public function on(BusBench $bench): array
    {
        return array_filter(
            $this->seats,
            static fn(BusSeat $seat): bool => $seat->bench->row === $bench->row && $seat->bench->side === $bench->side,
        );
    }

    public function rider(string $name): ?BusRider
    {
        return array_values(array_filter($this->request->riders, static fn(BusRider $rider): bool => $rider->name === $name))[0] ?? null;
    }

    /** How many places a seat takes. */
    public function width(BusSeat $seat): int
    {
        return $this->request->system($seat->system)->widthPlaces ?? 1;
    }

    public function number(BusBench $bench): int
    {
        return (int) $this->layout->number($bench->row, $bench->side);
    }

    /** Who covers a place. */
    private function sitting(BusBench $bench, int $place): ?string
    {
        foreach ($this->on($bench) as $name => $seat) {
            if ($place >= $seat->place && $place < $seat->place + $this->width($seat)) {
                return (string) $name;
            }
        }

        return null;
    }

    /** @param array<array-key, BusSeat> $others who rides already, and uses what is in stock */
    private function seat(string $name, int $bench, int $place, array $others): BusSeat
    {
        $rider = $this->rider($name);
        $systems = $rider !== null && $this->allotment->isNeeded($rider) ? $this->allotment->systems($rider) : [];
        $used = array_count_values(array_filter(array_map(static fn(BusSeat $seat): ?string => $seat->system, $others)));
        $suits = fn(BusRestraint $system): int => ($this->layout->fixing($bench, $system) === null ? 2 : 0)
            + (($used[$system->id] ?? 0) < $system->count ? 0 : 1);
        usort($systems, static fn(BusRestraint $a, BusRestraint $b): int => $suits($a) <=> $suits($b));

        return $this->held($bench, $place, $systems[0] ?? null);
    }

    private function held(int $bench, int $place, ?BusRestraint $system): BusSeat
    {
        $on = $this->layout->benches[$bench];

        return new BusSeat($on, $place, $system?->id, match (true) {
            $system !== null => $this->layout->fixing($bench, $system),
            $on->hasBelt() => BusFixing::Belt,
            default => null,
        });
    }
}
