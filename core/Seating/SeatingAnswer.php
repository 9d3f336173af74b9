<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

/** The best plans, or what to put right where there is none. */
final readonly class SeatingAnswer
{
    /**
     * @param list<SeatingPlan> $plans best first
     * @param list<Obstacle>|null $impossible null where there is a plan
     */
    public function __construct(public array $plans, public ?array $impossible) {}
}
