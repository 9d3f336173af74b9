<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\RecallList;
use Closure;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\FoldedCase;
use MintBuckle\Core\Record\InspectionPhase;
use stdClass;

/**
 * A check's facts to its case: the day's settings, then each fact in the order in which it came. What was left stands on what was found.
 */
final readonly class AssembleCase
{
    /** @throws InvalidCase when the facts contradict the format, which recording them prevents */
    public static function read(Check $check, InspectionPhase $phase): CaseFile
    {
        return self::of($check, $phase)->case;
    }

    /** @throws InvalidCase */
    public static function of(Check $check, InspectionPhase $phase): FoldedCase
    {
        return FoldedCase::of(
            self::begin($check->visit->event),
            FactLog::of($check->logged(), $phase),
            $phase,
            self::campaigns($check->visit->event->recallList),
        );
    }

    /**
     * The campaigns of the day's list that may concern a seat, once it is known.
     *
     * @return (Closure(mixed, mixed): list<stdClass>)|null
     */
    public static function campaigns(?RecallList $list): ?Closure
    {
        $text = static fn(mixed $value): ?string => is_string($value) ? $value : null;

        return $list === null ? null : static fn(mixed $maker, mixed $model): array => $list->candidates($text($maker), $text($model));
    }

    /** A case about which nothing is known but the day and its settings. */
    public static function begin(CheckupEvent $event): stdClass
    {
        $list = $event->recallList;

        return (object) [
            'format' => Reader::FORMAT,
            'version' => Reader::VERSION,
            'today' => $event->held_on->toDateString(),
            'practice' => $event->practice,
            'policy' => (object) ['crash' => $event->crash_policy, 'second_signer' => $event->second_signer],
            'law' => (object) $event->law(),
            'recall_list' => $list === null ? null : (object) [
                'dated' => $list->dated->toDateString(),
                'campaigns' => [],
            ],
            'child' => new stdClass(),
        ];
    }
}
