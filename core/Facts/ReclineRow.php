<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Recline settings allowed for a child weight. Unknown facts are null. */
final readonly class ReclineRow
{
    /**
     * @param list<int> $settings
     */
    public function __construct(
        public array $settings = [],
        public ?Limit $weightMin = null,
        public ?Limit $weightMax = null,
    ) {}
}
