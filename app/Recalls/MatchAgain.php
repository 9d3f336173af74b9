<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Models\Campaign as Row;
use App\Models\Check;
use App\Models\RecallFollowUp;
use App\Models\RecallImport;
use App\Models\RecallList;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problems;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Facts\Campaign as CoreCampaign;
use MintBuckle\Core\Facts\RecallList as CoreList;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Recall\RecallMatch;
use MintBuckle\Core\Recall\Rematch;
use MintBuckle\Core\Record\FactLog;
use stdClass;

/**
 * Matches the seat of every past check with a new list, and keeps which of them it names: their families may want to be told. Step by
 * step, each whole or not at all, so that it can be killed anywhere and goes on from there. Whoever was told of a campaign stays told.
 */
final class MatchAgain
{
    private const AT_ONCE = 500;

    /** What a recall looks at. */
    private const KEYS = ['maker', 'model', 'serial', 'made_on', 'remedied'];

    /** @var array<int, Rematch> by list: read once for all steps of one work */
    private array $lists = [];

    public function __construct(private readonly Progress $progress) {}

    /** @return bool whether there is more to match; when there is not, the import is taken */
    public function goOn(RecallImport $import): bool
    {
        return DB::transaction(function () use ($import): bool {
            $locked = RecallImport::query()->lockForUpdate()->findOrFail($import->id);
            if ($locked->state !== ImportState::Matching || $locked->recall_list_id === null) {
                return false;
            }
            $ids = Check::query()->orderBy('id')->limit(self::AT_ONCE)
                ->when($locked->matched_to, static fn(Builder $rest, string $last) => $rest->where('id', '>', $last))
                ->pluck('id')->all();
            $checks = array_values(array_filter($ids, is_string(...)));
            $this->match($locked->recall_list_id, $checks);
            $more = count($checks) === self::AT_ONCE;
            $locked->update([
                'matched_to' => end($checks) ?: $locked->matched_to,
                'matched' => $locked->matched + count($checks),
                'state' => $more ? ImportState::Matching : ImportState::Taken,
            ]);
            $this->progress->report($locked, $locked->matched);

            return $more;
        });
    }

    /** One check of which more was learnt, with the newest list. */
    public function one(Check $check): void
    {
        $list = RecallList::query()->orderByDesc('dated')->orderByDesc('id')->value('id');
        is_int($list) ? $this->match($list, [$check->id]) : null;
    }

    /** @param list<string> $checks */
    private function match(int $listId, array $checks): void
    {
        $rematch = $this->lists[$listId] ??= Rematch::with(self::core(RecallList::query()->findOrFail($listId)));
        $told = self::told($listId, $checks);
        $rows = [];
        foreach (self::seats($checks) as $check => $seat) {
            $answer = $rematch->answer($seat);
            $worst = $answer->worst();
            if ($worst === 'affected' || $worst === 'possible') {
                $campaigns = array_map(static fn(RecallMatch $m): string => $m->campaign->id, $answer->matches);
                $before = $told[$check] ?? null;
                $isTold = $before !== null && array_diff($campaigns, $before->campaigns) === [];
                $rows[] = [
                    'recall_list_id' => $listId,
                    'check_id' => $check,
                    'answer' => $worst,
                    'campaigns' => json_encode($campaigns, JSON_THROW_ON_ERROR),
                    'told_at' => $isTold ? $before->told_at : null,
                    'told_by' => $isTold ? $before->told_by : null,
                ];
            }
        }
        RecallFollowUp::query()->upsert($rows, ['recall_list_id', 'check_id'], ['answer', 'campaigns']);
    }

    /**
     * @param list<string> $checks
     * @return array<string, RecallFollowUp> the latest under another list of which the family was told, by check
     */
    private static function told(int $listId, array $checks): array
    {
        $told = [];
        $earlier = RecallFollowUp::query()->whereIn('check_id', $checks)->where('recall_list_id', '!=', $listId)
            ->whereNotNull('told_at')->orderBy('told_at')->get();
        foreach ($earlier as $followUp) {
            $told[$followUp->check_id] = $followUp;
        }

        return $told;
    }

    private static function core(RecallList $list): CoreList
    {
        $campaigns = [];
        foreach (Row::rows()->where('recall_list_id', $list->id)->lazyById(2000) as $row) {
            $campaigns[] = SectionReader::read(CoreCampaign::class, Row::said($row));
        }

        return new CoreList(CalendarDate::parse($list->dated->toDateString()), $campaigns);
    }

    /**
     * The seats of checks as they were left, with no more than a recall looks at.
     *
     * @param list<string> $checks
     * @return array<string, Seat> by check
     */
    private static function seats(array $checks): array
    {
        $known = [];
        foreach (self::facts($checks) as [$check, $key, $json]) {
            $value = FactLog::decode($json);
            if ($key !== 'seat') {
                $known[$check][substr($key, strlen('seat.'))] = $value;
            } elseif ($value instanceof stdClass) {
                $known[$check] = array_intersect_key(get_object_vars($value), array_flip(self::KEYS));
            }
        }

        return array_filter(array_map(self::seat(...), $known));
    }

    /**
     * @param list<string> $checks
     * @return list<array{string, string, string}> check, key and value, in the order in which they count
     */
    private static function facts(array $checks): array
    {
        $keys = ['seat', ...array_map(static fn(string $key): string => "seat.{$key}", self::KEYS)];
        $undone = DB::table('facts')->select('undoes')->whereIn('check_id', $checks)->whereNotNull('undoes');
        $rows = DB::table('facts')->whereIn('check_id', $checks)->whereIn('key', $keys)->whereNull('undoes')->whereNotIn('id', $undone)
            ->orderByRaw("phase = 'left'")->orderBy('seq')->get(['check_id', 'key', 'value']);
        $text = static fn(mixed $value): string => is_string($value) ? $value : '';

        return array_values(
            $rows->map(static fn(stdClass $row): array => [$text($row->check_id), $text($row->key), $text($row->value)])->all(),
        );
    }

    /** @param array<string, mixed> $facts */
    private static function seat(array $facts): ?Seat
    {
        $problems = new Problems();
        $seat = SectionReader::read(Seat::class, (object) $facts, problems: $problems);
        try {
            $problems->stopIfAny();
        } catch (InvalidCase) {
            return null;
        }

        return $seat;
    }
}
