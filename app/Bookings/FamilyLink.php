<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use Carbon\CarbonImmutable;
use Psr\Clock\ClockInterface;

/** The link by which a family says beforehand who comes in what: short-lived, unguessable, replaced by every new one. */
final readonly class FamilyLink
{
    private const BYTES = 24;

    /** After its time a family that has not come yet can still fill it in for a while. */
    private const HOURS_AFTER = 3;

    public function __construct(private ClockInterface $clock) {}

    /** @return string the address, shown or sent this once and kept nowhere */
    public function __invoke(Booking $booking): string
    {
        $token = rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '=');
        $booking->update(['token' => self::inShort($token), 'token_expires_at' => $booking->starts_at->addHours(self::HOURS_AFTER)]);

        return route('family', $token);
    }

    /** Null when it is none, was replaced, is too old, or the family has come. */
    public function of(string $token): ?Booking
    {
        return Booking::query()
            ->where('token', self::inShort($token))
            ->where('token_expires_at', '>', CarbonImmutable::instance($this->clock->now()))
            ->whereNull('cancelled_at')
            ->whereNull('visit_id')
            ->with(['event', 'family'])
            ->first();
    }

    public static function inShort(string $token): string
    {
        return hash('sha256', $token);
    }
}
