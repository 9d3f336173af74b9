<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus\Trip;

use MintBuckle\Core\Bus\BusFloors;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Telling\Message;

/** One line of the list before a trip. */
final readonly class TripItem
{
    /** @var string which line of its list it is, the same whenever the list is made */
    public string $key;

    /**
     * @param int|null $row null: the bus as a whole
     * @param string|null $rider whose system or straps
     * @param BusFixing|null $heldBy what fixes the system
     * @param int|null $behind row of the bench behind a wrap
     * @param bool $staysEmpty whether the plan keeps that bench empty
     */
    public function __construct(
        public TripLook $look,
        public ?int $row = null,
        public ?BenchSide $side = null,
        public ?string $rider = null,
        public ?BusSystem $system = null,
        public ?BusFixing $heldBy = null,
        public ?int $behind = null,
        public bool $staysEmpty = false,
    ) {
        $parts = [$look->value, $row, $side?->value, $rider];
        $this->key = implode('/', array_filter($parts, static fn(mixed $part): bool => $part !== null));
    }

    /** How it is when nothing is wrong. */
    public function told(): Message
    {
        return new Message("trips.look.{$this->look->value}", [
            'who' => $this->rider,
            'system' => $this->system ?? 'none',
            'held' => $this->heldBy ?? 'nothing',
            'row' => $this->behind ?? $this->row,
            'empty' => $this->staysEmpty,
            'end' => BusFloors::buckleEnd(),
        ]);
    }
}
