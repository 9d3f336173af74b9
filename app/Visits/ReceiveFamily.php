<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\NoteFact;
use App\Checks\Projection;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\Family;
use App\Models\User;
use App\Models\Visit;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Record\InspectionPhase;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;

/** Takes a family in: a ticket, a check a child, and everything said at arrival as facts found. */
final readonly class ReceiveFamily
{
    public function __construct(private ClockInterface $clock, private Projection $projection) {}

    public function __invoke(CheckupEvent $event, Arrival $arrival, User $receiver): Visit
    {
        return DB::transaction(function () use ($event, $arrival, $receiver): Visit {
            // The event's row is the queue's lock: two tickets are never given the same number.
            CheckupEvent::query()->lockForUpdate()->findOrFail($event->id);
            $known = Visit::query()->firstWhere('submission', $arrival->submission);

            return $known ?? $this->receive($event, $arrival, $receiver);
        });
    }

    private function receive(CheckupEvent $event, Arrival $arrival, User $receiver): Visit
    {
        $last = Visit::query()->where('checkup_event_id', $event->id)->max('ticket');
        $visit = Visit::query()->create([
            'checkup_event_id' => $event->id,
            'ticket' => (is_int($last) ? $last : 0) + 1,
            'vehicle' => $arrival->vehicle,
            'vehicle_layout_id' => $arrival->car?->exists === true ? $arrival->car->id : null,
            'submission' => $arrival->submission,
            'arrived_at' => $this->clock->now(),
            'received_by' => $receiver->id,
            'language' => $arrival->language,
        ]);
        Family::query()->create(['visit_id' => $visit->id, 'first_name' => $arrival->firstName, 'contact' => $arrival->contact]);
        foreach ($arrival->children as $index => $child) {
            $check = Check::query()->create([
                'id' => UuidV7::generate(),
                'visit_id' => $visit->id,
                'letter' => ArrivePage::letter($index),
                'seat_model_id' => $child->seatModel?->id,
            ]);
            foreach ($arrival->vehicleFacts() + $child->facts as $key => $value) {
                NoteFact::append($check, UuidV7::generate(), InspectionPhase::Found, $key, $value, $receiver, $this->clock->now());
            }
            $this->projection->keep($check->setRelation('visit', $visit->setRelation('event', $event)));
        }

        return $visit;
    }
}
