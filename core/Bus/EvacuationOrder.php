<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/**
 * Who leaves by which way when the bus must be left: each by the exit that is nearest, the front door or an emergency exit's row. Whoever
 * gets out without help goes first and keeps the aisle free; then the restrained, with help, the nearest first. Common practice; the
 * carrier's own plan comes before it.
 */
final readonly class EvacuationOrder
{
    /** The door beside the driver stands before the foremost row. */
    private const FRONT = 0;

    /**
     * @param array<array-key, BusSeat> $seats by name
     * @return list<array{row: int|null, names: non-empty-list<string>}> row: of the emergency exit; null: the front door, first
     */
    public static function of(BusRequest $request, array $seats): array
    {
        $exits = [self::FRONT => true];
        foreach ($request->benches as $bench) {
            $exits += $bench->exit === true ? [$bench->row => true] : [];
        }
        ksort($exits);
        $ways = [];
        foreach ($request->riders as $number => $rider) {
            $seat = $seats[$rider->name] ?? null;
            if ($seat !== null) {
                $exit = self::nearest($seat->bench->row, array_keys($exits));
                $ways[$exit][] = [$seat->system !== null, abs($seat->bench->row - $exit), -$seat->place, $number];
            }
        }
        ksort($ways);

        return array_map(static function (int $exit, array $leaving) use ($request): array {
            sort($leaving);

            return [
                'row' => $exit === self::FRONT ? null : $exit,
                'names' => array_map(static fn(array $one): string => $request->riders[$one[3]]->name, $leaving),
            ];
        }, array_keys($ways), array_values($ways));
    }

    /** @param list<int> $exits rows, the front first: it is taken where two are as near */
    private static function nearest(int $row, array $exits): int
    {
        usort($exits, static fn(int $a, int $b): int => [abs($row - $a), $a] <=> [abs($row - $b), $b]);

        return $exits[0];
    }
}
