<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Calendar\Age;
use MintBuckle\Core\Facts\ModeName;

/** Who has the first claim on the middle of the back row: the youngest, or the least protected by mode and of these the youngest. */
final readonly class FirstClaim
{
    /**
     * @param list<ModeName|null> $modes
     * @return int|null index of the rider; null while no age is known
     */
    public static function of(SeatingRequest $request, array $modes): ?int
    {
        $claims = [];
        foreach ($request->riders as $index => $rider) {
            $age = self::age($request, $rider);
            if ($age !== null) {
                $protection = $request->middleFor === MiddleFor::LeastProtected ? -self::rank($modes[$index]) : 0;
                $claims[$index] = [$protection, $age];
            }
        }
        asort($claims);

        return array_key_first($claims);
    }

    /** @return array{int, int}|null completed months, then days the other way, so that the later born is the younger */
    private static function age(SeatingRequest $request, Rider $rider): ?array
    {
        $child = $rider->child;

        return match (true) {
            $child->dueOn !== null => [-1, -$child->dueOn->dayNumber()],
            $child->bornOn !== null => [Age::on($request->today, $child->bornOn)->toInt(), -$child->bornOn->dayNumber()],
            $child->ageMonths !== null => [$child->ageMonths->toInt(), 0],
            default => null,
        };
    }

    private static function rank(?ModeName $mode): int
    {
        return $mode === null ? 0 : (int) array_search($mode, ModeName::cases(), true);
    }
}
