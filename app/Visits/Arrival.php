<?php

declare(strict_types=1);

namespace App\Visits;

/** A family as it arrives: what the one screen asks. */
final readonly class Arrival
{
    /**
     * @param string $submission made by the form, so that one sent twice is received once
     * @param list<array<string, mixed>> $positions the car's places in the case format's shape
     * @param list<ArrivingChild> $children
     * @param string $language that the family reads
     */
    public function __construct(
        public string $submission,
        public string $firstName,
        public ?string $contact,
        public string $vehicle,
        public ?int $modelYear,
        public array $positions,
        public array $children,
        public string $language,
    ) {}
}
