<?php

declare(strict_types=1);

namespace App\Findings;

use App\Checks\Judge;
use App\Checks\JudgedCheck;
use App\Models\Check;
use App\Models\SeatModel;
use App\Models\Visit;
use MintBuckle\Core\Catalogue\SeatKind;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\Withdrawn;
use MintBuckle\Core\Report\Outcome;

/** What a check adds to the figures is kept beside it as it is signed, and summed. */
final readonly class KeepOutcome
{
    public function __construct(private Judge $judge) {}

    /** @param array<JudgedCheck> $judged all checks of a visit, which leaves now */
    public function __invoke(array $judged, Visit $visit): void
    {
        RollUp::add($visit->event, array_map(fn(JudgedCheck $one): Outcome => $this->keep($one, $visit), array_values($judged)));
    }

    /** Beside the check alone: the sums are made again afterwards. */
    public function keep(JudgedCheck $judged, Visit $visit): Outcome
    {
        $check = $judged->check;
        $seat = $check->caseOf(InspectionPhase::Found)->case->seat;
        $model = $seat?->maker === null || $seat->model === null ? null : SeatModel::firstOf($seat->maker, $seat->model);
        $outcome = Outcome::of(
            $this->judge->check($check, InspectionPhase::Found),
            $judged->corrected,
            $judged->assessment,
            SeatKind::tryFrom($model->kind ?? '')->value ?? Outcome::kindOf($seat),
            $seat !== null && $judged->isSeatWithdrawn(),
            self::became($judged),
            $check->kit ?? [],
            Outcome::tried($judged->folded->facts->noted(AnnotationKind::Tried)),
            self::seconds($visit),
        )->ofModel($model?->id);
        if ($visit->called_at !== null && $visit->checks->first()?->id === $check->id) {
            $outcome = $outcome->withWait((int) $visit->arrived_at->diffInSeconds($visit->called_at, absolute: true));
        }
        $check->update(['outcome' => [
            'kind' => $outcome->kind,
            'model' => $outcome->model,
            // An empty array would be kept as a list.
            'counts' => (object) $outcome->counts,
            'family' => (object) $outcome->family,
        ]]);

        return $outcome;
    }

    private static function became(JudgedCheck $judged): ?Withdrawn
    {
        $noted = $judged->check->log(InspectionPhase::Left)->latest(AnnotationKind::Withdrawn->key(Withdrawn::SUBJECT))?->value();

        return Withdrawn::tryFrom(is_string($noted) ? $noted : '');
    }

    /** Each seat of a family takes its share; null where nobody was called, or has not left. */
    private static function seconds(Visit $visit): ?int
    {
        return $visit->called_at === null || $visit->left_at === null
            ? null
            : intdiv((int) $visit->called_at->diffInSeconds($visit->left_at, absolute: true), max(1, $visit->checks->count()));
    }
}
