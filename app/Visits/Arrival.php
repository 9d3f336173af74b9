<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\VehicleLayout;

/** A family as it arrives: what the one screen asks. */
final readonly class Arrival
{
    /**
     * @param string $submission made by the form, so that one sent twice is received once
     * @param VehicleLayout|null $car with its places in the case format's shape; null: a bus, of which the children's facts say the rest
     * @param list<ArrivingChild> $children
     * @param string $language that the family reads
     */
    public function __construct(
        public string $submission,
        public string $firstName,
        public ?string $contact,
        public string $vehicle,
        public ?int $modelYear,
        public ?VehicleLayout $car,
        public array $children,
        public string $language,
    ) {}

    /** @return array<string, mixed> the car as a fact; none on a bus */
    public function vehicleFacts(): array
    {
        return $this->car === null ? [] : ['vehicle' => ['model_year' => $this->modelYear, 'positions' => $this->car->positions]];
    }
}
