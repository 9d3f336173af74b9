<?php

declare(strict_types=1);

namespace App\Pages;

use App\Judge;
use App\Models\Day;
use App\Models\Visit;

/** The day at a glance: who waits, who is worked on, who has left. */
final readonly class YardPage
{
    /** @var array<string, list<VisitCard>> by heading, in the order in which they matter */
    public array $groups;

    public function __construct(public Day $day, Judge $judge)
    {
        $cards = $day->visits->map(static fn(Visit $visit): VisitCard => VisitCard::of($visit->setRelation('day', $day), $judge));
        $this->groups = [
            'In the bays' => array_values($cards->filter(static fn(VisitCard $c): bool => $c->visit->left_at === null && $c->visit->bay !== null)->all()),
            'Waiting' => array_values($cards->filter(static fn(VisitCard $c): bool => $c->visit->left_at === null && $c->visit->bay === null)->all()),
            'Gone home' => array_values($cards->filter(static fn(VisitCard $c): bool => $c->visit->left_at !== null)->all()),
        ];
    }

    public function isEmpty(): bool
    {
        return $this->day->visits->isEmpty();
    }

    public function recallListAge(): ?int
    {
        return $this->day->recallList === null ? null : (int) $this->day->recallList->dated->diffInDays($this->day->held_on);
    }
}
