<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** Who boards when: by stop, the rear first. */
final readonly class BoardingOrder
{
    /**
     * @param array<array-key, BusSeat> $seats by name
     * @return list<string> names; those of no known stop last
     */
    public static function of(BusRequest $request, array $seats): array
    {
        $order = [];
        foreach ($request->riders as $number => $rider) {
            $seat = $seats[$rider->name] ?? null;
            if ($seat !== null) {
                $order[] = [$rider->stop ?? PHP_INT_MAX, -$seat->bench->row, $seat->place, $number];
            }
        }
        sort($order);

        return array_map(static fn(array $one): string => $request->riders[$one[3]]->name, $order);
    }
}
