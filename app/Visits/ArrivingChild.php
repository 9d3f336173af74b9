<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\SeatModel;

/** One child with its seat, as facts of the case format. */
final readonly class ArrivingChild
{
    /** @param array<string, mixed> $facts by dotted path, in order; unknown facts are left out */
    public function __construct(public ?SeatModel $seatModel, public array $facts) {}
}
