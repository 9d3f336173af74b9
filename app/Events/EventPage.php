<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\CheckupEvent;

/** The event at a glance: who waits, who is worked on, who has left. */
final readonly class EventPage
{
    /** @var array<string, list<VisitCard>> by the name of their heading, in the order in which they matter; none is empty */
    public array $groups;

    /** @param list<VisitCard> $visits */
    public function __construct(public CheckupEvent $event, array $visits)
    {
        $groups = ['in_bays' => [], 'waiting' => [], 'gone' => []];
        foreach ($visits as $visit) {
            $groups[match (true) {
                $visit->hasLeft => 'gone',
                $visit->bay !== null => 'in_bays',
                default => 'waiting',
            }][] = $visit;
        }
        $this->groups = array_filter($groups);
    }

    public function recallListAge(): ?int
    {
        return $this->event->recallList === null ? null : (int) $this->event->recallList->dated->diffInDays($this->event->held_on);
    }
}
