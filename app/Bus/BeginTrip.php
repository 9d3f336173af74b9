<?php

declare(strict_types=1);

namespace App\Bus;

use App\Models\BusTrip;
use App\Models\User;
use Psr\Clock\ClockInterface;

/** Begins the list of one trip. Sent twice, it is begun once. */
final readonly class BeginTrip
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param string $id chosen by who sends it
     * @param list<array<string, mixed>> $items as a trip keeps them
     * @return string the trip's id
     */
    public function __invoke(string $id, int $layout, array $items, User $author): string
    {
        BusTrip::query()->insertOrIgnore([
            'id' => $id,
            'bus_layout_id' => $layout,
            'items' => json_encode($items, JSON_THROW_ON_ERROR),
            'begun_by' => $author->id,
            'begun_at' => $this->clock->now(),
        ]);

        return $id;
    }
}
