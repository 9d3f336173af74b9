<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus\Trip;

use MintBuckle\Core\Bus\BusBench;
use MintBuckle\Core\Bus\BusLayout;
use MintBuckle\Core\Bus\BusPlan;
use MintBuckle\Core\Bus\BusRequest;
use MintBuckle\Core\Bus\BusSeat;
use MintBuckle\Core\Facts\BusFixing;

/** What a plan's bus is looked over for before each trip, from front to back: benches with nothing to look at are left out. */
final readonly class TripList
{
    private BusLayout $layout;

    private function __construct(private BusRequest $request, private BusPlan $plan)
    {
        $this->layout = new BusLayout($request->benches);
    }

    /** @return non-empty-list<TripItem> */
    public static function of(BusRequest $request, BusPlan $plan): array
    {
        $list = new self($request, $plan);

        return [new TripItem(TripLook::Way), ...array_merge(...array_map($list->bench(...), $list->layout->benches))];
    }

    /** @return list<TripItem> */
    private function bench(BusBench $bench): array
    {
        $seats = array_filter($this->plan->seats, static fn(BusSeat $seat): bool => self::same($seat->bench, $bench));
        uasort($seats, static fn(BusSeat $a, BusSeat $b): int => $a->place <=> $b->place);
        $holds = array_map(static fn(BusSeat $seat): ?BusFixing => $seat->heldBy, $seats);
        $items = [];
        foreach ($seats as $name => $seat) {
            $items = [...$items, ...$this->rider((string) $name, $seat)];
        }

        return [
            ...(in_array(BusFixing::Wrap, $holds, true) ? $this->wrap($bench) : []),
            ...(in_array(BusFixing::Belt, $holds, true) ? [new TripItem(TripLook::Belt, $bench->row, $bench->side)] : []),
            ...$items,
        ];
    }

    /** @return list<TripItem> */
    private function wrap(BusBench $bench): array
    {
        $wrap = new TripItem(TripLook::Wrap, $bench->row, $bench->side);
        $after = array_filter(
            $this->layout->benches,
            static fn(BusBench $other): bool => $other->side === $bench->side && $other->row > $bench->row,
        );
        $behind = array_values($after)[0] ?? null;

        return $behind === null ? [$wrap] : [$wrap, new TripItem(
            TripLook::Behind,
            $bench->row,
            $bench->side,
            behind: $behind->row,
            staysEmpty: array_filter($this->plan->empty, static fn(BusBench $empty): bool => self::same($empty, $behind)) !== [],
        )];
    }

    private static function same(BusBench $one, BusBench $other): bool
    {
        return $one->row === $other->row && $one->side === $other->side;
    }

    /** @return list<TripItem> none for whom nothing of their own holds */
    private function rider(string $name, BusSeat $seat): array
    {
        $system = $this->request->system($seat->system)?->kind;
        $item = static fn(TripLook $look): TripItem => new TripItem(
            $look,
            $seat->bench->row,
            $seat->bench->side,
            $name,
            $system,
            $seat->heldBy,
        );

        return $system === null ? [] : [$item(TripLook::Restraint), $item(TripLook::Straps)];
    }
}
