<?php

declare(strict_types=1);

namespace App\Events;

use App\Checks\Projection;
use App\Checks\UnreadableAnswer;
use App\Findings\RollUp;
use App\Models\CheckupEvent;
use App\Models\RecallList;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** An event is planned, changed, opened, closed and opened once more. */
final readonly class KeepEvent
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param array<string, mixed> $plan columns of the event
     * @param list<int> $crew who works there
     * @throws UnreadableAnswer when another practice is chosen for one whose figures have left the organisation
     */
    public function __invoke(CheckupEvent $event, array $plan, array $crew): CheckupEvent
    {
        return DB::transaction(static function () use ($event, $plan, $crew): CheckupEvent {
            // The lock of the queue: nobody leaves meanwhile.
            $before = $event->exists ? CheckupEvent::query()->lockForUpdate()->findOrFail($event->id) : null;
            $event->fill($plan);
            if ($before === null) {
                $event->recall_list_id = self::listFor($event);
            } elseif ($before->handed_on_at !== null && $before->practice !== $event->practice) {
                throw UnreadableAnswer::because('event.handed_on');
            }
            $event->save();
            $before === null || RollUp::move($event, $before);
            $event->crew()->sync($crew);
            // By other figures the same facts may be judged otherwise.
            Projection::forget($event);

            return $event;
        });
    }

    public function open(CheckupEvent $event): void
    {
        $event->update(['opened_at' => $event->opened_at ?? $this->clock->now(), 'closed_at' => null]);
    }

    /** @throws UnreadableAnswer while a family is still there */
    public function close(CheckupEvent $event): void
    {
        DB::transaction(function () use ($event): void {
            // The lock of the queue: nobody arrives meanwhile.
            $locked = CheckupEvent::query()->lockForUpdate()->findOrFail($event->id);
            $there = $locked->visits()->whereNull('left_at')->count();
            if ($there > 0) {
                throw UnreadableAnswer::because('event.families', ['count' => $there]);
            }
            if ($locked->state() === EventState::Open) {
                $locked->update(['closed_at' => $this->clock->now()]);
            }
        });
    }

    /** The newest list that is not from after the event. */
    private static function listFor(CheckupEvent $event): ?int
    {
        return RecallList::query()->where('dated', '<=', $event->held_on)->orderByDesc('dated')->orderByDesc('id')->first()?->id;
    }
}
