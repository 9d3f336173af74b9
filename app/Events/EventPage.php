<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\CheckupEvent;
use App\Models\Visit;

/** The event at a glance: who waits, who is worked on, who has left. */
final readonly class EventPage
{
    /** @var array<string, list<VisitCard>> by heading, in the order in which they matter */
    public array $groups;

    public function __construct(public CheckupEvent $event)
    {
        $cards = $event->visits->map(static fn(Visit $visit): VisitCard => VisitCard::of($visit->setRelation('event', $event)));
        $this->groups = [
            'In the bays' => array_values(
                $cards->filter(static fn(VisitCard $c): bool => $c->visit->left_at === null && $c->visit->bay !== null)->all(),
            ),
            'Waiting' => array_values(
                $cards->filter(static fn(VisitCard $c): bool => $c->visit->left_at === null && $c->visit->bay === null)->all(),
            ),
            'Gone home' => array_values($cards->filter(static fn(VisitCard $c): bool => $c->visit->left_at !== null)->all()),
        ];
    }

    public function isEmpty(): bool
    {
        return $this->event->visits->isEmpty();
    }

    public function recallListAge(): ?int
    {
        return $this->event->recallList === null ? null : (int) $this->event->recallList->dated->diffInDays($this->event->held_on);
    }
}
