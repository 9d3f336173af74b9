<?php

declare(strict_types=1);

namespace App\Kit;

use App\Models\CheckupEvent;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Kit\KitItem;

/** What is left of an event's kit: what was counted or added by hand, less what checks took. */
final readonly class KitStock
{
    /** @param list<KitLine> $lines of everything that was counted, has a minimum, or was taken */
    private function __construct(public array $lines) {}

    public static function of(CheckupEvent $event): self
    {
        $moves = DB::table('kit_moves')->where('checkup_event_id', $event->id);
        $moved = self::counts($moves->groupBy('item')->selectRaw('item, sum(count) as count'));
        $taken = self::counts(
            DB::table('checks')->join('visits', 'visits.id', '=', 'checks.visit_id')->where('checkup_event_id', $event->id)
                ->whereNotNull('checks.kit')->crossJoin(DB::raw('jsonb_each_text(checks.kit) as took'))
                ->groupBy('took.key')->selectRaw('took.key as item, sum(took.value::int) as count'),
        );
        $minima = self::counts(DB::table('kit_minima')->where('checkup_event_id', $event->id)->selectRaw('item, minimum as count'));
        $lines = [];
        foreach (KitItem::cases() as $item) {
            $key = $item->value;
            if (isset($moved[$key]) || isset($taken[$key]) || isset($minima[$key])) {
                $took = $taken[$key] ?? 0;
                $lines[] = new KitLine($item, isset($moved[$key]) ? $moved[$key] - $took : null, $took, $minima[$key] ?? 0);
            }
        }

        return new self($lines);
    }

    public function line(KitItem $item): KitLine
    {
        foreach ($this->lines as $line) {
            if ($line->item === $item) {
                return $line;
            }
        }

        return new KitLine($item, null, 0, 0);
    }

    /** @return array<string, int> by item */
    private static function counts(\Illuminate\Database\Query\Builder $rows): array
    {
        $counts = [];
        foreach ($rows->get() as $row) {
            $counts[is_string($row->item) ? $row->item : ''] = is_numeric($row->count) ? (int) $row->count : 0;
        }

        return $counts;
    }
}
