<?php

declare(strict_types=1);

namespace App\Kit;

use App\Models\CheckupEvent;
use App\Models\KitMove;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Kit\KitItem;
use Psr\Clock\ClockInterface;

/** Something of the kit is counted, comes or goes, and what there should be at least. */
final readonly class MoveKit
{
    public function __construct(private ClockInterface $clock) {}

    /** @param string $id made by the form: sent again, it counts once */
    public function __invoke(string $id, CheckupEvent $event, KitItem $item, KitWay $way, int $count, ?string $note, User $by): void
    {
        DB::transaction(function () use ($id, $event, $item, $way, $count, $note, $by): void {
            // What is counted is what was there just now: nobody else counts meanwhile.
            CheckupEvent::query()->lockForUpdate()->findOrFail($event->id);
            if (KitMove::query()->whereKey($id)->exists()) {
                return;
            }
            $line = KitStock::of($event)->line($item);
            KitMove::query()->create([
                'id' => $id,
                'checkup_event_id' => $event->id,
                'item' => $item,
                'count' => match ($way) {
                    KitWay::Counted => $count - ($line->left ?? -$line->taken),
                    KitWay::Added => $count,
                    KitWay::Gone => -$count,
                },
                'note' => $note,
                'made_by' => $by->id,
                'at' => $this->clock->now(),
            ]);
        });
    }

    /** @param array<string, int> $minima by item; none where nothing is needed */
    public function need(CheckupEvent $event, array $minima): void
    {
        DB::transaction(static function () use ($event, $minima): void {
            DB::table('kit_minima')->where('checkup_event_id', $event->id)->delete();
            foreach ($minima as $item => $minimum) {
                DB::table('kit_minima')->insert(['checkup_event_id' => $event->id, 'item' => $item, 'minimum' => $minimum]);
            }
        });
    }
}
