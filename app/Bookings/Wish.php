<?php

declare(strict_types=1);

namespace App\Bookings;

/** Who wants to come, and when. */
final readonly class Wish
{
    public const MOST_SEATS = 6;

    /** @param string $time as the event's clock shows it, 10:30 */
    public function __construct(
        public string $time,
        public string $firstName,
        public ?string $contact,
        public int $seats,
        public string $language,
    ) {}
}
