<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\CheckupEvent;
use App\Models\Visit;
use MintBuckle\Core\Capacity\Pace;
use MintBuckle\Core\Finding\Verdict;

/** What has gone home from an event, and how long it took. */
final readonly class EventTally
{
    private function __construct(public int $families, public int $seats, public int $good, public Pace $pace) {}

    public static function of(CheckupEvent $event): self
    {
        $gone = Visit::query()->where('checkup_event_id', $event->id)->whereNotNull('left_at');
        $seats = $gone->clone()->join('checks', 'checks.visit_id', '=', 'visits.id');
        // Of families that were called: a visit of before that was noted says nothing of how long it took.
        $timed = $gone->clone()->whereNotNull('called_at');
        $took = $timed->clone()->selectRaw('extract(epoch from sum(left_at - called_at)) / 60 as minutes')->value('minutes');
        $of = $timed->clone()->join('checks', 'checks.visit_id', '=', 'visits.id')->count();

        return new self(
            $gone->count(),
            $seats->count(),
            $seats->clone()->where('checks.verdict', Verdict::GoodToRide)->count(),
            Pace::of($event->minutes_per_seat, is_numeric($took) ? (float) $took : 0.0, $of),
        );
    }
}
