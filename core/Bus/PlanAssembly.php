<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Facts\BusFixing;

/** A searched plan with names in it: places of each bench, boarding order, benches that stay empty. */
final readonly class PlanAssembly
{
    /** @param list<Crowd> $crowds */
    public function __construct(
        private BusRequest $request,
        private BusLayout $layout,
        private Company $company,
        private array $crowds,
    ) {}

    public function plan(Seated $last): BusPlan
    {
        $waiting = array_map(static fn(Crowd $crowd): array => $crowd->riders, $this->crowds);
        $anywhere = array_values(array_filter(
            $this->company->free,
            fn(int $rider): bool => $this->request->riders[$rider]->stop === null,
        ));
        $rows = $seats = $empty = [];
        for ($row = $last; $row->choice !== null && $row->before !== null; $row = $row->before) {
            array_unshift($rows, $row);
        }
        foreach ($rows as $row) {
            assert($row->choice !== null);
            [$restrained, $others] = [[], []];
            foreach ($row->picks as $crowd => $count) {
                $picked = array_splice($waiting[$crowd], 0, $count);
                $party = $this->crowds[$crowd]->party;
                if ($party === null) {
                    array_push($others, ...$picked);
                } else {
                    $restrained[$party] = [...$restrained[$party] ?? [], ...$picked];
                }
            }
            array_push($others, ...array_splice($anywhere, 0, $row->choice->seats() - count($others)));
            $seats += $this->row($row->choice, $restrained, $others);
            array_push($empty, ...array_map(fn(int $bench): BusBench => $this->layout->benches[$bench], $row->choice->empty));
        }
        ksort($seats);
        $named = [];
        foreach ($seats as $rider => $seat) {
            $named[$this->request->riders[$rider]->name] = $seat;
        }

        $why = (new BusReasons($this->request, $this->layout))->of($named, $empty);

        return new BusPlan($named, BoardingOrder::of($this->request, $named), $empty, $why);
    }

    /**
     * @param array<int, list<int>> $restrained party => riders
     * @param list<int> $others
     * @return array<int, BusSeat>
     */
    private function row(RowChoice $choice, array $restrained, array $others): array
    {
        $seats = [];
        $next = array_fill_keys(array_keys($choice->free), 1);
        foreach ($choice->items as [$bench, $party, $shape]) {
            $rider = array_shift($restrained[$party]);
            assert($rider !== null);
            $system = $this->system($rider, $bench, $shape);
            $seats[$rider] = new BusSeat(
                $this->layout->benches[$bench],
                $next[$bench],
                $system->id,
                $this->layout->fixing($bench, $system),
            );
            $next[$bench] += $system->widthPlaces;
        }
        foreach ($choice->free as $bench => $free) {
            foreach ([...$this->company->kept[$bench] ?? [], ...array_splice($others, 0, $free)] as $rider) {
                $on = $this->layout->benches[$bench];
                $seats[$rider] = new BusSeat($on, $next[$bench]++, null, $on->hasBelt() ? BusFixing::Belt : null);
            }
        }

        return $seats;
    }

    /** Of the systems that this rider may use, the first that stands there as was planned. */
    private function system(int $rider, int $bench, Shape $planned): BusRestraint
    {
        foreach ($this->company->systems[$rider] as $system) {
            $fixing = $this->layout->fixing($bench, $system);
            $isAlike = $planned->scarce === null && $planned->rear === null
                && $system->widthPlaces === $planned->width() && ($fixing === BusFixing::Wrap) === $planned->isWrapped();
            if ($fixing !== null && $isAlike && ! $this->company->isScarce($system)) {
                return $system;
            }
        }

        return $planned->system;
    }
}
