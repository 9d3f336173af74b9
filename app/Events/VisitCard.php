<?php

declare(strict_types=1);

namespace App\Events;

/** A family at the event: its ticket, its car, and each seat's mark. */
final readonly class VisitCard
{
    /**
     * @param string|null $family what the family is called by; null: its data were deleted
     * @param string $arrived as the event's clock showed it, 14:05
     * @param list<CheckLine> $checks
     */
    public function __construct(
        public int $id,
        public int $ticket,
        public ?string $family,
        public string $vehicle,
        public ?int $bay,
        public string $arrived,
        public bool $hasLeft,
        public array $checks,
    ) {}
}
