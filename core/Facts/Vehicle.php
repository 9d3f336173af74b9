<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The car: its maker's rules and its places. Unknown facts are null. */
final readonly class Vehicle
{
    /**
     * @param list<SeatingPosition> $positions
     */
    public function __construct(
        public ?int $modelYear = null,
        public ?bool $beltAndAnchorsOk = null,
        public ?bool $borrowAnchorsOk = null,
        public ?bool $buckleTurnsOk = null,
        public ?Limit $lowerAnchorChildMax = null,
        public array $positions = [],
    ) {}
}
