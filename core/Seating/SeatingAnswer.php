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

    /** @return array{plans: list<array<string, mixed>>, impossible: list<array<string, string>>|null} */
    public function toArray(): array
    {
        return [
            'plans' => array_map(static fn(SeatingPlan $plan): array => [
                'places' => (object) $plan->places,
                'held_by' => (object) array_map(static fn($way): ?string => $way?->value, $plan->heldBy),
                'advise' => $plan->advise,
                'why' => $plan->why,
            ], $this->plans),
            'impossible' => $this->impossible === null
                ? null
                : array_map(static fn(Obstacle $o): array => ['constraint' => $o->constraint, 'words' => $o->words], $this->impossible),
        ];
    }
}
