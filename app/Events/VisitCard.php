<?php

declare(strict_types=1);

namespace App\Events;

/** A family at the event: its ticket, its car, each seat's mark, and who works on it or when it is expected to be called. */
final readonly class VisitCard
{
    /**
     * @param string|null $family what the family is called by; null: its data were deleted
     * @param string $arrived as the event's clock showed it, 14:05
     * @param list<CheckLine> $checks
     * @param int|null $workedBy who works on it; null: nobody was said
     * @param int|null $minutes since it was called; null while it waits, or nobody knows
     * @param string|null $starts when it is expected to be called, as the event's clock will show it; null: it was, or it left
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
        public ?int $workedBy = null,
        public ?int $minutes = null,
        public ?string $starts = null,
    ) {}

    public function seats(): int
    {
        return max(1, count($this->checks));
    }
}
