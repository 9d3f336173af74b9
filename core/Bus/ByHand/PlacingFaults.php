<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus\ByHand;

use MintBuckle\Core\Bus\Allotment;
use MintBuckle\Core\Bus\BusBench;
use MintBuckle\Core\Bus\BusRestraint;
use MintBuckle\Core\Bus\BusSeat;

/** What of a placing breaks the laws of a bus, rider by rider. */
final readonly class PlacingFaults
{
    public function __construct(private Placing $placing, private Allotment $allotment) {}

    /** @return list<PlacingFault> in the order of the riders */
    public function all(): array
    {
        $faults = [];
        foreach ($this->placing->request->riders as $rider) {
            $seat = $this->placing->seats[$rider->name] ?? null;
            if ($seat !== null) {
                array_push($faults, ...$this->of($rider->name, $seat));
            }
        }

        return $faults;
    }

    /** @return list<PlacingFault> */
    private function of(string $name, BusSeat $seat): array
    {
        $system = $this->placing->request->system($seat->system);
        $codes = array_filter([
            $this->sharing($name, $seat),
            $seat->place + $this->placing->width($seat) - 1 > $seat->bench->places ? PlacingFaultCode::Beyond : null,
            ...($system === null ? $this->ofOne($name) : $this->ofRestraint($name, $seat, $system)),
            $seat->heldBy === null && $system === null && $this->placing->isBehindWrap($seat->bench) ? PlacingFaultCode::Behind : null,
        ]);
        $faults = array_map(static fn(PlacingFaultCode $code): PlacingFault => new PlacingFault($code, $name, $seat), array_values($codes));
        $ahead = $system?->kind->facesRear() === true ? $this->freeAhead($seat, $system) : null;

        return $ahead === null ? $faults : [...$faults, new PlacingFault(PlacingFaultCode::Foremost, $name, $seat, $ahead)];
    }

    private function sharing(string $name, BusSeat $seat): ?PlacingFaultCode
    {
        foreach ($this->placing->on($seat->bench) as $other => $theirs) {
            $overlaps = $seat->place < $theirs->place + $this->placing->width($theirs)
                && $theirs->place < $seat->place + $this->placing->width($seat);
            if ((string) $other !== $name && $overlaps) {
                return PlacingFaultCode::Shared;
            }
        }

        return null;
    }

    /** @return list<PlacingFaultCode> of a rider without a system */
    private function ofOne(string $name): array
    {
        $rider = $this->placing->rider($name);

        return $rider !== null && $this->allotment->isNeeded($rider) ? [PlacingFaultCode::Needs] : [];
    }

    /** @return list<PlacingFaultCode|null> */
    private function ofRestraint(string $name, BusSeat $seat, BusRestraint $system): array
    {
        $rider = $this->placing->rider($name);
        $allowed = $rider === null ? [] : $this->allotment->systems($rider);
        $used = array_filter($this->placing->seats, static fn(BusSeat $other): bool => $other->system === $system->id);

        return [
            in_array($system, $allowed, true) ? null : PlacingFaultCode::Unfit,
            count($used) > $system->count ? PlacingFaultCode::Stock : null,
            $this->standing($seat, $system),
            $this->placing->layout->isExit($seat->bench->row) || $this->reachesWindow($seat) ? null : PlacingFaultCode::Window,
        ];
    }

    /** Why the system cannot stand on its bench, the plainest reason first. */
    private function standing(BusSeat $seat, BusRestraint $system): ?PlacingFaultCode
    {
        $space = $seat->bench->space;

        return match (true) {
            $this->placing->layout->isExit($seat->bench->row) => PlacingFaultCode::Exit,
            $seat->place + $system->widthPlaces - 1 >= $seat->bench->places => PlacingFaultCode::Aisle,
            $space !== null && $system->depth?->isMoreThan($space) === true => PlacingFaultCode::Depth,
            $seat->heldBy === null => PlacingFaultCode::Fixing,
            default => null,
        };
    }

    /** Whether every place between it and the window is covered by another restraint. */
    private function reachesWindow(BusSeat $seat): bool
    {
        $covered = [];
        foreach ($this->placing->on($seat->bench) as $other) {
            if ($other->system !== null) {
                array_push($covered, ...range($other->place, $other->place + $this->placing->width($other) - 1));
            }
        }

        return $seat->place === 1 || array_diff(range(1, $seat->place - 1), $covered) === [];
    }

    /** The foremost bench ahead with room for this system that no rear-facing rider takes. */
    private function freeAhead(BusSeat $seat, BusRestraint $system): ?BusBench
    {
        $layout = $this->placing->layout;
        foreach ($layout->benches as $number => $bench) {
            $rear = array_filter(
                $this->placing->on($bench),
                fn(BusSeat $other): bool => $this->placing->request->system($other->system)?->kind->facesRear() === true,
            );
            $taken = array_sum(array_map($this->placing->width(...), $rear));
            $isFree = $layout->room($number) - $taken >= $system->widthPlaces;
            if ($bench->row < $seat->bench->row && $isFree && $layout->fixing($number, $system) !== null) {
                return $bench;
            }
        }

        return null;
    }
}
