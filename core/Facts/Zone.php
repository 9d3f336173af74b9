<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** A zone of the recline indicator and the children it is meant for. Unknown facts are null. */
final readonly class Zone
{
    public function __construct(
        public string $name,
        public ?Limit $ageMinMonths = null,
        public ?Limit $ageMaxMonths = null,
        public ?Limit $weightMin = null,
        public ?Limit $weightMax = null,
        public ?bool $needsSitting = null,
    ) {}
}
