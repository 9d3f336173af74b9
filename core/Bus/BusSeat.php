<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Facts\BusFixing;

/** Where somebody rides, and in what. */
final readonly class BusSeat
{
    /**
     * @param int $place 1 is the window
     * @param string|null $system its id; null: none of its own
     * @param BusFixing|null $heldBy null: neither system nor belt
     */
    public function __construct(public BusBench $bench, public int $place, public ?string $system, public ?BusFixing $heldBy) {}
}
