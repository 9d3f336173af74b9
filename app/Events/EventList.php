<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\CheckupEvent;
use Illuminate\Database\Eloquent\Collection;

/** Every event there is: those that are open, those to come, and those that are over. */
final readonly class EventList
{
    private const SHOWN = 100;

    /** @param array<string, Collection<int, CheckupEvent>> $groups by state, in the order in which they matter; none is empty */
    private function __construct(public array $groups, public ?CheckupEvent $atHand) {}

    public static function now(): self
    {
        $events = CheckupEvent::query()
            ->withCount(['visits', 'checks'])
            ->with('crew')
            ->orderByDesc('held_on')
            ->orderByDesc('id')
            ->limit(self::SHOWN)
            ->get();
        $groups = [];
        foreach (EventState::cases() as $state) {
            $some = $events->filter(static fn(CheckupEvent $event): bool => $event->state() === $state)->values();
            $groups[$state->value] = $state === EventState::Planned ? $some->reverse()->values() : $some;
        }
        $open = $groups[EventState::Open->value];

        return new self(
            array_filter($groups, static fn(Collection $some): bool => $some->isNotEmpty()),
            $open->isEmpty() ? null : $open->find(EventAtHand::find()->id),
        );
    }

    /** Whether one chooses among several that are open. */
    public function isChosen(CheckupEvent $event): bool
    {
        return $event->is($this->atHand);
    }
}
