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
     * @param list<int> $riders
     * @param list<BusRider> $all
     * @return list<self> by stop
     */
    public static function byStop(?int $party, array $riders, array $all): array
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
