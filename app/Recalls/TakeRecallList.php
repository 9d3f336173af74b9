<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Checks\Projection;
use App\Models\Campaign as Row;
use App\Models\CheckupEvent;
use App\Models\RecallImport;
use App\Models\RecallList;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Recall\CandidateKeys;
use Psr\Clock\ClockInterface;

/**
 * Takes a list that was read: all of it in one transaction, or, cancelled, killed or refused, nothing. Past checks are then to be matched.
 */
final readonly class TakeRecallList
{
    private const AT_ONCE = 1000;

    public function __construct(private ClockInterface $clock, private Progress $progress) {}

    public function __invoke(RecallImport $import): void
    {
        set_time_limit(0);
        if (! in_array($import->refresh()->state, [ImportState::Ready, ImportState::Taking], true)) {
            return;
        }
        $import->update(['state' => ImportState::Taking]);
        $this->progress->report($import, 0);
        try {
            DB::transaction(function () use ($import): void {
                $list = $this->take($import);
                // With the list itself: killed in between, it would be taken twice.
                $import->update(['state' => ImportState::Matching, 'recall_list_id' => $list->id]);
            });
        } catch (Cancelled) {
            $import->update(['state' => ImportState::Cancelled]);
        }
    }

    private function take(RecallImport $import): RecallList
    {
        // Campaigns are numbered here, and by nobody else meanwhile.
        DB::statement('LOCK TABLE campaigns IN SHARE ROW EXCLUSIVE MODE');
        $list = RecallList::query()->create([
            'dated' => $import->dated,
            'source' => $import->source,
            'size' => $import->size ?? 0,
            'taken_by' => $import->begun_by,
        ]);
        $next = DB::selectOne("SELECT nextval('campaigns_id_seq') AS id");
        $id = is_object($next) && isset($next->id) && is_int($next->id) ? $next->id : 1;
        [$rows, $keys] = [[], []];
        $today = CheckupEvent::current()->dayOf($this->clock->now());
        $keep = function (Campaign $campaign, int $number) use ($import, $list, &$id, &$rows, &$keys): void {
            $rows[] = ['id' => $id, 'recall_list_id' => $list->id] + Row::row($campaign);
            foreach (CandidateKeys::ofCampaign($campaign) as $beginning) {
                $keys[] = [
                    'campaign_id' => $id,
                    'recall_list_id' => $list->id,
                    'maker' => CandidateKeys::maker($campaign->maker),
                    'beginning' => $beginning,
                ];
            }
            $id++;
            if (count($rows) >= self::AT_ONCE) {
                self::flush($rows, $keys);
                $this->progress->report($import, $number);
                $this->progress->stopIfCancelled($import);
            }
        };
        RecallFile::read(Storage::path($import->path), $import->dated?->toDateString(), $today, $keep);
        self::flush($rows, $keys);
        DB::statement("SELECT setval('campaigns_id_seq', ?)", [$id]);
        DB::select('SELECT count_campaigns()');
        // Never a list from after the event: its checks could not be read.
        foreach (CheckupEvent::query()->whereNull('closed_at')->where('held_on', '>=', $list->dated)->get() as $event) {
            $event->update(['recall_list_id' => $list->id]);
            Projection::forget($event);
        }

        return $list;
    }

    /**
     * @param list<array<string, mixed>> $rows
     * @param list<array<string, mixed>> $keys
     */
    private static function flush(array &$rows, array &$keys): void
    {
        DB::table('campaigns')->insert($rows);
        foreach (array_chunk($keys, self::AT_ONCE) as $some) {
            DB::table('campaign_keys')->insertOrIgnore($some);
        }
        [$rows, $keys] = [[], []];
    }
}
