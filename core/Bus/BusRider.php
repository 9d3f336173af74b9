<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Facts\Child;
use MintBuckle\Core\Facts\Definition\Within;

/** Somebody who rides on the bus. */
final readonly class BusRider
{
    public function __construct(
        public string $name,
        public Child $child = new Child(),
        /** The id of the system that must be used; null: choose. */
        public ?string $system = null,
        /** Where they board, in the order of the trip; null: not known. */
        #[Within(1, 100)]
        public ?int $stop = null,
        /** An adult needs no system. */
        public bool $adult = false,
    ) {}
}
