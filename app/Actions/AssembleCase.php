<?php

declare(strict_types=1);

namespace App\Actions;

use App\FactLog;
use App\Models\Check;
use App\Models\Day;
use App\Models\RecallList;
use App\Track;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\CaseFile;
use stdClass;

/** A check's facts to its case: the day's settings, then each fact in the order in which it came. What was left stands on what was found. */
final readonly class AssembleCase
{
    /** @throws InvalidCase when the facts contradict the format, which recording them prevents */
    public static function read(Check $check, Track $track): CaseFile
    {
        return self::of($check, $track)->case;
    }

    /** @throws InvalidCase */
    public static function of(Check $check, Track $track): CaseOfFacts
    {
        return CaseOfFacts::on(self::begin($check->visit->day), FactLog::of($check, $track), $check->visit->day->recallList, $track);
    }

    /** The campaigns of the day's list that may concern the seat, now that it is known. */
    public static function campaigns(stdClass $case, ?RecallList $list): void
    {
        if ($list !== null) {
            $text = static fn(mixed $value): ?string => is_string($value) ? $value : null;
            CasePath::set($case, 'recall_list.campaigns', $list->candidates($text(CasePath::get($case, 'seat.maker')), $text(CasePath::get($case, 'seat.model'))));
        }
    }

    /** A case about which nothing is known but the day and its settings. */
    public static function begin(Day $day): stdClass
    {
        $list = $day->recallList;

        return (object) [
            'format' => Reader::FORMAT,
            'version' => Reader::VERSION,
            'today' => $day->held_on->toDateString(),
            'practice' => $day->practice,
            'policy' => (object) ['crash' => $day->crash_policy, 'second_signer' => $day->second_signer],
            'law' => (object) $day->law,
            'recall_list' => $list === null ? null : (object) [
                'dated' => $list->dated->toDateString(),
                'campaigns' => [],
            ],
            'child' => new stdClass(),
        ];
    }
}
