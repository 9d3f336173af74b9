<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Models\Campaign as Row;
use App\Models\CheckupEvent;
use App\Models\RecallImport;
use App\Models\RecallList;
use Illuminate\Support\Facades\Storage;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Writer;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Recall\RecallChanges;
use Psr\Clock\ClockInterface;

/** Reads a list that came in, refuses it whole or says what it would change. Nothing is taken yet. */
final readonly class ReadRecallList
{
    /** So many ids of each kind of change are kept to be shown. */
    private const SHOWN = 50;

    private const PROBLEMS = 100;

    private const EVERY = 500;

    public function __construct(private ClockInterface $clock, private Progress $progress) {}

    public function __invoke(RecallImport $import): void
    {
        set_time_limit(0);
        if (! in_array($import->refresh()->state, [ImportState::Fetching, ImportState::Reading], true)) {
            return;
        }
        $import->update(['state' => ImportState::Reading]);
        $after = [];
        try {
            $today = CheckupEvent::current()->dayOf($this->clock->now());
            $keep = function (Campaign $campaign, int $number) use ($import, &$after): void {
                $after[$campaign->id] = self::digest(Writer::section($campaign));
                if ($number % self::EVERY === 0) {
                    $this->progress->report($import, $number);
                    $this->progress->stopIfCancelled($import);
                }
            };
            $file = RecallFile::read(Storage::path($import->path), $import->dated?->toDateString(), $today, $keep);
            $changes = RecallChanges::between(self::inUse(), $after);
            $import->update([
                'state' => ImportState::Ready,
                'size' => $file->size,
                'dated' => (string) $file->dated,
                'changes' => [
                    'new' => self::some($changes->new),
                    'gone' => self::some($changes->gone),
                    'changed' => self::some($changes->changed),
                    'same' => $changes->same,
                    'counts' => [count($changes->new), count($changes->gone), count($changes->changed)],
                ],
            ]);
        } catch (InvalidCase $e) {
            $import->update([
                'state' => ImportState::Refused,
                'problems' => array_map(
                    static fn(Problem $p): array => ['path' => $p->path, 'message' => $p->message],
                    array_slice($e->problems, 0, self::PROBLEMS),
                ),
            ]);
        } catch (Cancelled) {
            $import->update(['state' => ImportState::Cancelled]);
        }
    }

    /** @return array<string, string> of the list in use: code => digest of what is said */
    private static function inUse(): array
    {
        $list = RecallList::current();
        $said = [];
        foreach ($list === null ? [] : Row::rows()->where('recall_list_id', $list->id)->orderBy('id')->cursor() as $row) {
            $campaign = get_object_vars(Row::said($row));
            $said[is_string($campaign['id']) ? $campaign['id'] : ''] = self::digest($campaign);
        }

        return $said;
    }

    /** @param array<array-key, mixed> $said */
    private static function digest(array $said): string
    {
        ksort($said);

        return md5(json_encode(array_filter($said, static fn(mixed $v): bool => $v !== null && $v !== []), JSON_THROW_ON_ERROR));
    }

    /**
     * @param list<string> $ids
     * @return list<string>
     */
    private static function some(array $ids): array
    {
        return array_slice($ids, 0, self::SHOWN);
    }
}
