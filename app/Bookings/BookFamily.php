<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Checks\UnreadableAnswer;
use App\Models\BookedFamily;
use App\Models\Booking;
use App\Models\CheckupEvent;
use App\Models\User;
use App\Models\Visit;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** A family gets a time at an event, while there is room. */
final readonly class BookFamily
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param string $id made by the form: sent again, it is booked once
     * @throws UnreadableAnswer when there is no such time, or no room in it
     */
    public function __invoke(string $id, CheckupEvent $event, Wish $wish, User $by): void
    {
        DB::transaction(static function () use ($id, $event, $wish, $by): void {
            // The last place is given once.
            $locked = CheckupEvent::query()->lockForUpdate()->findOrFail($event->id);
            if (Booking::query()->whereKey($id)->exists()) {
                return;
            }
            $slots = EventSlots::of($locked) ?? throw UnreadableAnswer::because('booking.no_hours');
            if (! $slots->fits($wish->time, $wish->seats)) {
                throw UnreadableAnswer::because($slots->has($wish->time) ? 'booking.full' : 'booking.no_time', ['time' => $wish->time]);
            }
            Booking::query()->create([
                'id' => $id,
                'checkup_event_id' => $event->id,
                'starts_at' => $slots->moment($wish->time),
                'seats' => $wish->seats,
                'language' => $wish->language,
                'made_by' => $by->id,
            ]);
            BookedFamily::query()->create(['booking_id' => $id, 'first_name' => $wish->firstName, 'contact' => $wish->contact]);
        });
    }

    public function cancel(Booking $booking): void
    {
        $booking->isExpected() && $booking->update(['cancelled_at' => $this->clock->now(), 'token' => null]);
    }

    /** It has arrived: what was said beforehand is no longer needed. */
    public static function arrived(string $id, Visit $visit): void
    {
        $booking = Booking::query()->whereNull('visit_id')->whereNull('cancelled_at')->find($id);
        $booking?->update(['visit_id' => $visit->id, 'token' => null]);
        $booking === null || BookedFamily::query()->whereKey($id)->delete();
    }
}
