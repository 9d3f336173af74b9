<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\UnreadableAnswer;
use App\Models\CheckupEvent;
use App\Models\User;
use App\Models\Visit;
use App\Models\VisitMove;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;

/** A waiting family drives into the lowest free bay, to whoever works on it; later somebody else may go on. */
final readonly class TakeToBay
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param User|null $technician who works on it; null: nobody was said
     * @return int the bay; the one it already has when it stands in one
     * @throws UnreadableAnswer when the family has left, or every bay is taken
     */
    public function __invoke(Visit $visit, User $by, ?User $technician = null): int
    {
        return DB::transaction(function () use ($visit, $by, $technician): int {
            $event = $this->open($visit);
            if ($visit->bay !== null) {
                return $visit->bay;
            }
            $taken = Visit::query()
                ->where('checkup_event_id', $event->id)
                ->whereNull('left_at')
                ->whereNotNull('bay')
                ->get(['bay'])
                ->map(static fn(Visit $other): int => (int) $other->bay)
                ->all();
            $bay = array_values(array_diff(range(1, $event->bays), $taken))[0] ?? throw UnreadableAnswer::because('event.no_bay');
            $visit->update(['bay' => $bay, 'called_at' => $this->clock->now(), 'worked_by' => $technician?->id]);
            $this->note((string) new UuidV7(), $visit, $by);

            return $bay;
        });
    }

    /** Somebody who is looked at in any case stands in a bay where one is free. */
    public function ifThereIsOne(Visit $visit, User $by): void
    {
        try {
            $this($visit, $by, $by);
        } catch (UnreadableAnswer) {
            return;
        }
    }

    /**
     * @param string $id made by the form: sent again, it is handed over once
     * @throws UnreadableAnswer when the family has left, or was never called
     */
    public function handOver(string $id, Visit $visit, User $by, User $technician): void
    {
        DB::transaction(function () use ($id, $visit, $by, $technician): void {
            $this->open($visit);
            if ($visit->bay === null) {
                throw UnreadableAnswer::because('event.not_called');
            }
            if (VisitMove::query()->whereKey($id)->exists()) {
                return;
            }
            $visit->update(['worked_by' => $technician->id]);
            $this->note($id, $visit, $by);
        });
    }

    /** Its row is the lock of the bays. */
    private function open(Visit $visit): CheckupEvent
    {
        $event = CheckupEvent::query()->lockForUpdate()->findOrFail($visit->checkup_event_id);
        if ($visit->refresh()->left_at !== null) {
            throw UnreadableAnswer::because('signed');
        }

        return $event;
    }

    private function note(string $id, Visit $visit, User $by): void
    {
        VisitMove::query()->create([
            'id' => $id,
            'visit_id' => $visit->id,
            'bay' => $visit->bay,
            'worked_by' => $visit->worked_by,
            'made_by' => $by->id,
            'at' => $this->clock->now(),
        ]);
    }
}
