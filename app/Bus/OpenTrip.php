<?php

declare(strict_types=1);

namespace App\Bus;

use App\Checks\UnreadableAnswer;
use App\Models\BusTrip;
use Closure;
use Illuminate\Support\Facades\DB;

/** Something is written to a trip's list that is not signed yet. Its row is the lock that signing takes too. */
final readonly class OpenTrip
{
    /**
     * @param Closure(BusTrip): void $write
     * @throws UnreadableAnswer when it is signed
     */
    public static function write(BusTrip $trip, Closure $write): void
    {
        DB::transaction(static function () use ($trip, $write): void {
            $open = BusTrip::query()->lockForUpdate()->findOrFail($trip->id);
            if ($open->signed_at !== null) {
                throw UnreadableAnswer::because('trip.signed');
            }
            $write($open);
        });
        $trip->refresh();
    }
}
