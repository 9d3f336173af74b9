<?php

declare(strict_types=1);

namespace App\Actions;

use App\Answers\UnreadableAnswer;
use App\Models\Check;
use App\Models\Day;
use App\Models\RecallList;
use App\Models\Visit;
use Closure;
use Illuminate\Support\Facades\DB;

/** Something is written to a check that is still open. The visit's row is the lock that sending off takes too: no fact slips in behind a signature. */
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
                throw new UnreadableAnswer('This family has left; its check is signed and stays as it is.');
            }
            $day = Day::query()->findOrFail($visit->day_id);
            $day->setRelation('recallList', $day->recall_list_id === null ? null : RecallList::known($day->recall_list_id));
            $check->setRelation('visit', $visit->setRelation('day', $day));
            $check->forgetLogged();
            $write($check);
        });
    }
}
