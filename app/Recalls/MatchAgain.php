<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Models\Campaign as Row;
use App\Models\Check;
use App\Models\RecallFollowUp;
use App\Models\RecallList;
use Illuminate\Support\Collection;
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

/** Matches the seat of every past check with a new list, and keeps which of them it names: their families may want to be told. */
final readonly class MatchAgain
{
    private const AT_ONCE = 500;

    /** What a recall looks at. */
    private const KEYS = ['maker', 'model', 'serial', 'made_on', 'remedied'];

    /** @return int how many checks the list names */
    public function __invoke(RecallList $list): int
    {
        $rematch = Rematch::with(self::core($list));
        $named = 0;
        Check::query()->select('id')->chunkById(self::AT_ONCE, function (Collection $checks) use ($list, $rematch, &$named): void {
            $rows = [];
            foreach (self::seats(array_values(array_filter($checks->pluck('id')->all(), is_string(...)))) as $check => $seat) {
                $answer = $rematch->answer($seat);
                $worst = $answer->worst();
                if ($worst === 'affected' || $worst === 'possible') {
                    $rows[] = [
                        'recall_list_id' => $list->id,
                        'check_id' => $check,
                        'answer' => $worst,
                        'campaigns' => json_encode(
                            array_map(static fn(RecallMatch $m): string => $m->campaign->id, $answer->matches),
                            JSON_THROW_ON_ERROR,
                        ),
                    ];
                }
            }
            RecallFollowUp::query()->upsert($rows, ['recall_list_id', 'check_id'], ['answer', 'campaigns']);
            $named += count($rows);
        });

        return $named;
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
