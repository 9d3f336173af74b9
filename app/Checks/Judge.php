<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\Visit;
use App\Recalls\NameDoubt;
use App\Recalls\NamesOnRecord;
use Illuminate\Support\Facades\Cache;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\Corrected;
use MintBuckle\Core\Record\FoldedCase;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Rulebook;
use WeakMap;

/**
 * A check judged as the event sees it: the core's assessment, and one thing more. A maker or model that neither the recall list nor
 * the catalogue knows can be matched with nothing, so its question stays open until a known name is chosen or the spelling confirmed.
 */
final readonly class Judge
{
    private const KEPT_SECONDS = 86_400;

    /** @var WeakMap<FoldedCase, array{Assessment, NameDoubt|null}> what is kept and what is shown is judged once */
    private WeakMap $judged;

    public function __construct(private Rulebook $rulebook, private NamesOnRecord $names)
    {
        $this->judged = new WeakMap();
    }

    /** @param bool $both whether the other phase is shown beside it */
    public function of(Check $check, InspectionPhase $phase, bool $both = false): JudgedCheck
    {
        $folded = $check->caseOf($phase);
        [$assessment, $doubt] = $this->judged($check, $folded);

        return new JudgedCheck(
            $check,
            $phase,
            $folded,
            $both ? $check->caseOf($phase->other()) : null,
            $assessment,
            $doubt,
            $phase === InspectionPhase::Found ? [] : Corrected::of($this->asFound($check), $assessment, $this->rulebook),
        );
    }

    /** @return array<string, JudgedCheck> every check of a visit as it leaves, by its id */
    public function leaving(Visit $visit): array
    {
        return $visit->checks->mapWithKeys(fn(Check $check): array => [$check->id => $this->of($check, InspectionPhase::Left)])->all();
    }

    /** The assessment alone, where nothing else of the check is shown. */
    public function check(Check $check, InspectionPhase $phase): Assessment
    {
        return $this->judged($check, $check->caseOf($phase))[0];
    }

    /** @return array{Assessment, NameDoubt|null} */
    private function judged(Check $check, FoldedCase $folded): array
    {
        $known = $this->judged[$folded] ?? null;
        if ($known === null) {
            $doubt = $this->doubt($check, $folded);
            $known = $this->judged[$folded] = [$this->assess($check, $folded, $doubt), $doubt];
        }

        return $known;
    }

    private function assess(Check $check, FoldedCase $folded, ?NameDoubt $doubt): Assessment
    {
        $assessment = Assessor::assess($folded->case, $this->rulebook, $check->visit->event->ownPractice());
        $known = array_map(static fn(Question $q): string => $q->path, $assessment->questions);
        if ($doubt === null || in_array($doubt->path, $known, true)) {
            return $assessment;
        }

        return new Assessment(
            $assessment->rulebook,
            $assessment->findings,
            [new Question($doubt->path, Station::Label, Severity::Stop), ...$assessment->questions],
            $assessment->situation,
        );
    }

    /** The name that nothing could be matched with; null where there is none, or somebody has confirmed its spelling at the label. */
    private function doubt(Check $check, FoldedCase $folded): ?NameDoubt
    {
        $seat = $folded->case->seat;
        $doubt = $seat === null || $seat->labelReadable === false
            ? null
            : $this->names->doubt($check->visit->event->recallList, $seat->maker, $seat->model);

        return $doubt === null || $folded->facts->latest(AnnotationKind::Confirmed->key($doubt->subject()))?->value() === true
            ? null
            : $doubt;
    }

    /**
     * Stops and fixes as found. Judged once while a seat is put right: every answer would judge it again, and what was found does not
     * change then.
     *
     * @return list<Finding>
     */
    private function asFound(Check $check): array
    {
        $event = $check->visit->event;
        $last = null;
        foreach ($check->logged() as $fact) {
            $last = $fact->phase === InspectionPhase::Found ? $fact->id : $last;
        }
        $changed = $event->getRawOriginal('updated_at');
        $key = implode(
            ':',
            ['found', $check->id, $last, $event->id, is_string($changed) ? $changed : '', $event->recall_list_id, Rulebook::VERSION],
        );

        return Cache::remember($key, self::KEPT_SECONDS, fn(): array => array_values(array_filter(
            Assessor::assess($check->caseOf(InspectionPhase::Found)->case, $this->rulebook, $event->ownPractice())->findings,
            static fn(Finding $f): bool => $f->severity->isError(),
        )));
    }
}
