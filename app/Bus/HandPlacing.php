<?php

declare(strict_types=1);

namespace App\Bus;

use MintBuckle\Core\Bus\BusPlan;
use MintBuckle\Core\Bus\BusRequest;
use MintBuckle\Core\Bus\BusSeat;
use MintBuckle\Core\Bus\ByHand\Placing;
use MintBuckle\Core\Facts\BenchSide;

/** A seating by hand as a form carries it: a line for each rider, "Ada|1|left|2|V-S"; the system empty for none. */
final readonly class HandPlacing
{
    /** @param list<string> $lines what cannot be read, or names nobody of the roster, is left out: they count as not seated yet */
    public static function read(BusRequest $request, array $lines): Placing
    {
        $placing = new Placing($request);
        foreach ($lines as $line) {
            if (preg_match('/\A(.+)\|(\d{1,3})\|(left|right)\|(\d{1,2})\|(.*)\z/su', $line, $m) === 1) {
                $placing = $placing->put($m[1], (int) $m[2], BenchSide::from($m[3]), (int) $m[4], $m[5] === '' ? null : $m[5]);
            }
        }

        return $placing;
    }

    public static function taken(BusRequest $request, BusPlan $plan): Placing
    {
        return new Placing($request, $plan->seats);
    }

    /** @param string $to "2|left|1" */
    public static function moved(Placing $placing, string $rider, string $to): Placing
    {
        return preg_match('/\A(\d{1,3})\|(left|right)\|(\d{1,2})\z/', $to, $m) === 1
            ? $placing->moved($rider, (int) $m[1], BenchSide::from($m[2]), (int) $m[3])
            : $placing;
    }

    /** @return list<string> */
    public static function lines(Placing $placing): array
    {
        return array_map(
            static fn(string|int $name, BusSeat $seat): string => implode('|', [
                $name,
                $seat->bench->row,
                $seat->bench->side->value,
                $seat->place,
                $seat->system,
            ]),
            array_keys($placing->seats),
            $placing->seats,
        );
    }
}
