<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\UnreadableAnswer;
use App\Models\CheckupEvent;
use App\Models\Visit;
use Illuminate\Support\Facades\DB;

/** A waiting family drives into the lowest free bay. */
final readonly class TakeToBay
{
    /**
     * @return int the bay; the one it already has when it stands in one
     * @throws UnreadableAnswer when the family has left
     */
    public function __invoke(Visit $visit): int
    {
        return DB::transaction(static function () use ($visit): int {
            CheckupEvent::query()->lockForUpdate()->findOrFail($visit->checkup_event_id);
            if ($visit->refresh()->left_at !== null) {
                throw UnreadableAnswer::because('signed');
            }
            $taken = Visit::query()
                ->where('checkup_event_id', $visit->checkup_event_id)
                ->whereNull('left_at')
                ->whereNotNull('bay')
                ->get()
                ->map(static fn(Visit $v): int => (int) $v->bay)
                ->all();
            $free = array_values(array_diff(range(1, count($taken) + 1), $taken));
            $bay = $visit->bay ?? $free[0];
            $visit->update(['bay' => $bay]);

            return $bay;
        });
    }
}
