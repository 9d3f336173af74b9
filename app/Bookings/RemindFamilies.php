<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\CheckupEvent;
use App\Models\OutgoingMail;
use App\Units;
use App\Words\Telling;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Telling\Message;
use Psr\Clock\ClockInterface;

/** What a family is told before its time, in its language, with its own link; into the stand-in for outgoing mail. */
final readonly class RemindFamilies
{
    private const PARAGRAPHS = ['hello', 'when', 'bring', 'fill_in', 'yours'];

    public function __construct(private ClockInterface $clock, private FamilyLink $link) {}

    /** @return int how many were told; whoever was told before, or left no contact, is not told */
    public function __invoke(CheckupEvent $event): int
    {
        $count = 0;
        foreach (Booking::of($event)->whereNull('visit_id')->whereNull('reminded_at')->with(['family', 'event'])->get() as $booking) {
            $count += (int) $this->remind($booking);
        }

        return $count;
    }

    private function remind(Booking $booking): bool
    {
        $family = $booking->family;
        if ($family === null || $family->contact === null) {
            return false;
        }
        $contact = $family->contact;
        $teller = Telling::in($booking->language, Units::Imperial);
        $with = [
            'family' => $family->first_name,
            'event' => $booking->event->name,
            'place' => $booking->event->place,
            'day' => CalendarDate::parse($booking->event->held_on->toDateString()),
            'time' => $booking->time(),
            'seats' => $booking->seats,
            'link' => ($this->link)($booking),
        ];
        DB::transaction(function () use ($booking, $contact, $teller, $with): void {
            OutgoingMail::query()->create([
                'to' => $contact,
                'subject' => $teller->tell(new Message('bookings.mail.subject', $with)),
                'text' => implode("\n\n", array_map(
                    static fn(string $paragraph): string => $teller->tell(new Message("bookings.mail.{$paragraph}", $with)),
                    self::PARAGRAPHS,
                )),
                'made_at' => $this->clock->now(),
            ]);
            $booking->update(['reminded_at' => $this->clock->now()]);
        });

        return true;
    }
}
