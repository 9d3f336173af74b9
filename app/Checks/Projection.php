<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\CheckupEvent;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Rulebook;

/**
 * What a check's facts say as its seat leaves, kept beside them for the lists: which seat it is, and the verdict. Made again from the
 * facts whenever one is recorded; what another rulebook or another recall list judged is judged anew before it is shown.
 */
final readonly class Projection
{
    private const AT_ONCE = 100;

    public function __construct(private Judge $judge) {}

    public function keep(Check $check): void
    {
        $assessment = $this->judge->check($check, InspectionPhase::Left);
        $left = $check->caseOf(InspectionPhase::Left)->case;
        $seat = $left->seat;
        $check->forceFill([
            'maker' => $seat?->maker,
            'model' => $seat?->model,
            'serial' => $seat?->serial,
            'made_on' => $seat?->madeOn?->__toString(),
            'place' => $left->setup?->position,
            'kit' => TakenFromKit::by($check),
            'verdict' => self::signed($check)?->worse($assessment->verdict) ?? $assessment->verdict,
            'judged_by' => $assessment->rulebook,
            'is_left_begun' => $check->isBegun(InspectionPhase::Left),
        ])->save();
    }

    /** What was signed, which nothing that comes later makes better: neither an amendment nor a newer edition of the rules. */
    private static function signed(Check $check): ?Verdict
    {
        $kept = $check->signed_at === null ? null : $check->assessment['verdict'] ?? null;

        return Verdict::tryFrom(is_string($kept) ? $kept : '');
    }

    /** Judges anew whatever of an event was judged by nobody, or by another edition of the rulebook. */
    public function refresh(CheckupEvent $event): void
    {
        $stale = Check::query()->whereHas(
            'visit',
            static fn($visit) => $visit->where('checkup_event_id', $event->id),
        )->whereRaw('judged_by IS DISTINCT FROM ?', [Rulebook::VERSION]);
        $stale->with(['facts', 'visit'])->chunkById(self::AT_ONCE, function ($checks) use ($event): void {
            foreach ($checks as $check) {
                $check->visit->setRelation('event', $event);
                $this->keep($check);
            }
        });
    }

    /** Another recall list or another name on record may judge them otherwise: their verdict is no longer known. */
    public static function forget(?CheckupEvent $event, ?Verdict $verdict = null): void
    {
        Check::query()->whereNull('signed_at')
            ->when(
                $event !== null,
                static fn($checks) => $checks->whereHas('visit', static fn($visit) => $visit->where('checkup_event_id', $event?->id)),
            )
            ->when($verdict !== null, static fn($checks) => $checks->where('verdict', $verdict?->value))
            ->update(['verdict' => null, 'judged_by' => null]);
    }
}
