<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** Everybody who rides, as the search sees them: parties of restrained riders, and those who ride without a system. */
final readonly class Company
{
    /**
     * @param list<Party> $parties
     * @param list<int> $free numbers of the riders without a system who are kept nowhere
     * @param array<int, list<int>> $kept bench => numbers of the riders without a system who stay there
     * @param array<int, int> $scarce number of a scarce system => how many there are
     * @param list<BusRestraint> $rear systems that face the rear and may be used
     * @param list<int> $homeless riders for whom nothing in stock fits
     * @param array<int, list<BusRestraint>> $systems rider => what may be used
     * @param list<string> $scarceIds
     */
    private function __construct(
        public array $parties,
        public array $free,
        public array $kept,
        public array $scarce,
        public array $rear,
        public array $homeless,
        public array $systems,
        private array $scarceIds,
    ) {}

    public static function of(BusRequest $request, BusLayout $layout): self
    {
        $allotment = new Allotment($request);
        $pins = [];
        foreach ($request->keep as $keep) {
            $pins[$keep->rider] = $layout->number($keep->row, $keep->side);
        }
        $systems = $free = $kept = $homeless = [];
        foreach ($request->riders as $number => $rider) {
            $pin = $pins[$rider->name] ?? null;
            if ($allotment->isNeeded($rider)) {
                $systems[$number] = $allotment->systems($rider);
                $homeless = $systems[$number] === [] ? [...$homeless, $number] : $homeless;
            } elseif ($pin === null) {
                $free[] = $number;
            } else {
                $kept[$pin][] = $number;
            }
        }
        [$scarce, $counts] = self::scarce($systems);
        $rear = self::rearSystems($systems);
        $parties = [];
        foreach ($systems as $number => $allowed) {
            $shapes = self::shapes($layout, $allowed, $scarce, $rear, $pins[$request->riders[$number]->name] ?? null);
            $facesRear = ($allowed[0] ?? null)?->kind->facesRear() === true;
            $key = serialize([$facesRear, array_map(static fn(array $on): array => array_keys($on), $shapes)]);
            $parties[$key] ??= [array_map(array_values(...), $shapes), $facesRear, []];
            $parties[$key][2][] = $number;
        }

        return new self(
            array_map(static fn(array $p): Party => new Party($p[0], $p[1], $p[2]), array_values($parties)),
            $free,
            $kept,
            $counts,
            $rear,
            $homeless,
            $systems,
            array_map(strval(...), array_keys($scarce)),
        );
    }

    public function isScarce(BusRestraint $system): bool
    {
        return in_array($system->id, $this->scarceIds, true);
    }

    /** How many face the rear. */
    public function facingRear(): int
    {
        return array_sum(array_map(static fn(Party $party): int => $party->facesRear ? count($party->riders) : 0, $this->parties));
    }

    /** How many ride without a system and are kept nowhere. */
    public function loose(): int
    {
        return count($this->free);
    }

    /**
     * @param array<int, list<BusRestraint>> $systems
     * @return array{array<string, int>, list<int>} id => number, and by number how many there are
     */
    private static function scarce(array $systems): array
    {
        $wanted = $count = [];
        foreach ($systems as $allowed) {
            foreach ($allowed as $system) {
                $wanted[$system->id] = ($wanted[$system->id] ?? 0) + 1;
                $count[$system->id] = $system->count;
            }
        }
        $few = array_filter($count, static fn(int $n, string $id): bool => $n < $wanted[$id], ARRAY_FILTER_USE_BOTH);

        return [array_flip(array_map(strval(...), array_keys($few))), array_values($few)];
    }

    /**
     * @param array<int, list<BusRestraint>> $systems
     * @return list<BusRestraint>
     */
    private static function rearSystems(array $systems): array
    {
        $rear = [];
        foreach (array_merge(...$systems) as $system) {
            if ($system->kind->facesRear()) {
                $rear[$system->id] = $system;
            }
        }

        return array_values($rear);
    }

    /**
     * @param list<BusRestraint> $allowed
     * @param array<string, int> $scarce
     * @param list<BusRestraint> $rear
     * @return array<int, array<string, Shape>>
     */
    private static function shapes(BusLayout $layout, array $allowed, array $scarce, array $rear, ?int $pin): array
    {
        $shapes = [];
        foreach ($pin === null ? array_keys($layout->benches) : [$pin] as $bench) {
            foreach ($allowed as $system) {
                $fixing = $layout->fixing($bench, $system);
                if ($fixing !== null) {
                    $number = array_search($system, $rear, true);
                    $shape = new Shape($system, $fixing, $scarce[$system->id] ?? null, $number === false ? null : $number);
                    $shapes[$bench][$shape->key()] ??= $shape;
                }
            }
        }

        return $shapes;
    }
}
