<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\RecallList;
use App\Models\Visit;
use Closure;
use Illuminate\Support\Facades\DB;

/**
 * Something is written to a check that is still open. The visit's row is the lock that sending off takes too: no fact gets in behind a
 * signature.
 */
final readonly class OpenCheck
{
    /**
     * @param Closure(Check): void $write
     * @throws UnreadableAnswer when the family has left
     */
    public static function write(Check $check, Closure $write): void
    {
        DB::transaction(static function () use ($check, $write): void {
            $visit = Visit::query()->lockForUpdate()->findOrFail($check->visit_id);
            if ($visit->left_at !== null) {
                throw UnreadableAnswer::because('signed');
            }
            $event = CheckupEvent::query()->findOrFail($visit->checkup_event_id);
            $event->setRelation('recallList', $event->recall_list_id === null ? null : RecallList::known($event->recall_list_id));
            $check->setRelation('visit', $visit->setRelation('event', $event));
            $check->forgetLogged();
            $write($check);
            resolve(Projection::class)->keep($check);
        });
    }
}
