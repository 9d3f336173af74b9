<?php

declare(strict_types=1);

namespace App\Actions;

use App\FactLog;
use App\Models\Check;
use App\Models\Day;
use App\Track;
use MintBuckle\Core\CaseFile\CaseFile;
use MintBuckle\Core\CaseFile\Reading\InvalidCase;
use MintBuckle\Core\CaseFile\Reading\Reader;
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
        return CaseOfFacts::on(self::begin($check->visit->day), FactLog::of($check, $track));
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
                'campaigns' => array_map(static fn(array $campaign): stdClass => (object) $campaign, $list->campaigns),
            ],
            'child' => new stdClass(),
        ];
    }
}
