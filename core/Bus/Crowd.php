<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** Riders who are alike but for their names: one party and one stop, or without a system and one stop. */
final readonly class Crowd
{
    /**
     * @param int|null $party null: without a system
     * @param int|null $stop null: not known, so that nothing is said of where it sits
     * @param list<int> $riders their numbers
     */
    public function __construct(public ?int $party, public ?int $stop, public array $riders) {}

    /**
     * Riders without a system whose stop is not known are in none: they sit wherever a seat is left.
     *
     * @param list<BusRider> $riders
     * @return list<self> of each party, then of those without a system
     */
    public static function all(Company $company, array $riders): array
    {
        $crowds = [];
        foreach ($company->parties as $number => $party) {
            array_push($crowds, ...self::byStop($number, $party->riders, $riders));
        }
        $stopped = array_filter($company->free, static fn(int $rider): bool => $riders[$rider]->stop !== null);

        return [...$crowds, ...self::byStop(null, array_values($stopped), $riders)];
    }

    /**
     * @param list<int> $riders
     * @param list<BusRider> $all
     * @return list<self> by stop
     */
    private static function byStop(?int $party, array $riders, array $all): array
    {
        $stops = [];
        foreach ($riders as $rider) {
            $stops[$all[$rider]->stop ?? 0][] = $rider;
        }
        ksort($stops);
        $crowds = [];
        foreach ($stops as $stop => $alike) {
            $crowds[] = new self($party, $stop === 0 ? null : $stop, $alike);
        }

        return $crowds;
    }
}
