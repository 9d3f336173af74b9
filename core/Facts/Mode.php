<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What the maker says of one way of using the seat. Unknown facts are null. */
final readonly class Mode
{
    /**
     * @param list<Zone> $zones
     * @param list<ReclineRow> $recline
     * @param list<int>|null $crotchSlots
     * @param list<int> $slotsForbidden
     * @param list<string>|null $handlePositions
     * @param list<string> $partsRequired
     * @param list<string> $partsForbidden
     */
    public function __construct(
        public ?Limit $weightMin = null,
        public ?Limit $weightMax = null,
        public ?Limit $heightMin = null,
        public ?Limit $heightMax = null,
        public ?Limit $ageMinMonths = null,
        public ?Limit $ageMaxMonths = null,
        public ?Limit $headClearanceMin = null,
        public ?Limit $angleMin = null,
        public ?Limit $angleMax = null,
        public ?bool $uprightWhenSits = null,
        public array $zones = [],
        public array $recline = [],
        public ?array $crotchSlots = null,
        public array $slotsForbidden = [],
        public ?array $handlePositions = null,
        public ?string $foot = null,
        public ?Webbing $webbing = null,
        public ?bool $shoulderMarkers = null,
        public ?bool $anchorsAllowed = null,
        public array $partsRequired = [],
        public array $partsForbidden = [],
    ) {}
}
