<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Check;
use App\Track;
use Illuminate\Support\Facades\Cache;
use MintBuckle\Core\Asking\Remedies;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rulebook;

/** What was found open and is no longer there. */
final readonly class FoundAndLeft
{
    private const KEPT_SECONDS = 86_400;

    /** @return list<Finding> stops and fixes as found that are gone, and whose facts were looked at again: what waits to be measured is not put right yet */
    public static function corrected(Check $check, Assessment $left): array
    {
        $still = array_map(self::key(...), $left->findings);
        $open = array_map(static fn(Question $q): string => $q->path, $left->questions);

        return array_values(array_filter(
            self::asFound($check),
            static fn(Finding $f): bool => ! in_array(self::key($f), $still, true) && array_intersect(Remedies::facts(Rulebook::current()->finds($f->code, $f->subject), $f->subject, $left->situation), $open) === [],
        ));
    }

    /**
     * Judged once while a seat is put right: every answer would judge it again, and what was found does not change then.
     *
     * @return list<Finding>
     */
    private static function asFound(Check $check): array
    {
        $day = $check->visit->day;
        $last = null;
        foreach ($check->logged() as $fact) {
            $last = $fact->track === Track::Found ? $fact->id : $last;
        }
        $key = implode(':', ['found', $check->id, $last, $day->id, $day->updated_at?->getTimestamp(), $day->recall_list_id, Rulebook::VERSION]);

        return Cache::remember($key, self::KEPT_SECONDS, static fn(): array => array_values(array_filter(
            Assessor::assess($check->caseOf(Track::Found)->case, Rulebook::current())->findings,
            static fn(Finding $f): bool => $f->severity->rank() <= Severity::Fix->rank(),
        )));
    }

    private static function key(Finding $finding): string
    {
        return $finding->code->value . '/' . $finding->subject;
    }
}
