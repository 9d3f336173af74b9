<?php

declare(strict_types=1);

namespace App\Findings;

use App\Models\CheckupEvent;
use App\Organisations\CurrentOrganisation;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Report\Measure;
use MintBuckle\Core\Report\WholeFives;
use Psr\Clock\ClockInterface;

/**
 * Makes the figures of events that are over fit to leave the organisation: in whole fives, once. What is signed or learnt afterwards
 * changes them no more, so that no two of them can be subtracted to find one family.
 */
final readonly class HandOn
{
    public function __construct(private ClockInterface $clock, private CurrentOrganisation $organisation) {}

    /** @return int how many events' figures were made */
    public function __invoke(): int
    {
        return DB::transaction(function (): int {
            $events = CheckupEvent::query()->whereNotNull('closed_at')->whereNull('handed_on_at')
                ->orderBy('held_on')->orderBy('id')->lockForUpdate()->get();
            $before = [];
            foreach ($events as $event) {
                $before[$event->practice] = $this->one($event, $before[$event->practice] ?? $this->before($event->practice));
            }

            return $events->count();
        });
    }

    /**
     * @param array<string, array<string, int>> $before what was counted at the events of its practice before
     * @return array<string, array<string, int>> the same with this one
     */
    private function one(CheckupEvent $event, array $before): array
    {
        $rows = [];
        $leaving = array_column(array_filter(Measure::cases(), static fn(Measure $measure): bool => $measure->mayLeave()), 'value');
        foreach (Counts::of(["event:{$event->id}"]) as $measure => $counts) {
            foreach (in_array($measure, $leaving, true) ? $counts : [] as $of => $counted) {
                $rows[] = [
                    'checkup_event_id' => $event->id,
                    'measure' => $measure,
                    'of' => $of,
                    'counted' => $counted,
                    'told' => WholeFives::of(
                        $before[$measure][$of] ?? 0,
                        $counted,
                        $this->offset("{$event->practice}:{$measure}/{$of}"),
                    ),
                ];
            }
        }
        DB::table('handed_on_figures')->insert($rows);
        foreach ($rows as $row) {
            $before[$row['measure']][$row['of']] = ($before[$row['measure']][$row['of']] ?? 0) + $row['counted'];
        }
        $last = CheckupEvent::query()->where('practice', $event->practice)->max('handed_on_order');
        $event->update(['handed_on_at' => $this->clock->now(), 'handed_on_order' => (is_int($last) ? $last : 0) + 1]);

        return $before;
    }

    /** @return array<string, array<string, int>> what was counted at the events of its practice before */
    private function before(string $practice): array
    {
        return Counts::read(DB::table('handed_on_figures')
            ->join('checkup_events', 'checkup_events.id', '=', 'checkup_event_id')
            ->where('practice', $practice), 'counted');
    }

    /** Where a stream begins: nobody outside can know it, and it stays the same. */
    private function offset(string $stream): int
    {
        $key = config('app.key');

        return hexdec(substr(
            hash_hmac('sha256', "hand on {$this->organisation->id()} {$stream}", is_string($key) ? $key : ''),
            0,
            12,
        )) % WholeFives::STEP;
    }
}
