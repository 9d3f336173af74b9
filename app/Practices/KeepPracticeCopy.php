<?php

declare(strict_types=1);

namespace App\Practices;

use App\Checks\Projection;
use App\Models\CheckupEvent;
use App\Models\PracticeCopy;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Schools\OwnFigures;

/** An organisation's own figures are kept; what is open of the events that work by them is judged anew. What was signed stays. */
final readonly class KeepPracticeCopy
{
    public function __invoke(PracticeCopy $copy, string $name, PracticeCode $base, OwnFigures $own, User $author): PracticeCopy
    {
        return DB::transaction(static function () use ($copy, $name, $base, $own, $author): PracticeCopy {
            $copy->fill([
                'name' => $name,
                'base' => $base,
                'figures' => $own->figures,
                'sources' => $own->sources,
                'kept_by' => $author->id,
            ]);
            $copy->save();
            foreach (CheckupEvent::query()->where('practice_copy_id', $copy->id)->get() as $event) {
                // The time of the change is part of what is remembered of how its checks were found.
                $event->practice = $base->value;
                $event->touch();
                Projection::forget($event);
            }

            return $copy;
        });
    }
}
