<?php

declare(strict_types=1);

namespace App;

use App\Models\Check;
use App\Recalls\NamesOnRecord;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rulebook;

/**
 * A check judged as the event sees it: the core's assessment, and one thing more. A maker or model that neither the recall list nor
 * the catalogue knows can be matched with nothing, so its question stays open until a known name is chosen or the spelling confirmed.
 */
final readonly class Judge
{
    public function __construct(private Rulebook $rulebook, private NamesOnRecord $names) {}

    public function check(Check $check, Track $track): Assessment
    {
        $assessment = Assessor::assess($check->caseOf($track)->case, $this->rulebook);
        $doubt = $this->doubt($check, $track);
        $known = array_map(static fn(Question $q): string => $q->path, $assessment->questions);
        if ($doubt === null || in_array($doubt->path, $known, true)) {
            return $assessment;
        }

        return new Assessment($assessment->rulebook, $assessment->findings, [new Question($doubt->path, Station::Label, Severity::Stop), ...$assessment->questions], $assessment->situation);
    }

    /** The name that nothing could be matched with; null where there is none, or somebody has confirmed its spelling at the label. */
    public function doubt(Check $check, Track $track): ?NameDoubt
    {
        $folded = $check->caseOf($track);
        $doubt = $folded->case->seat === null || $folded->case->seat->labelReadable === false ? null : $this->names->doubt($check->visit->day->recallList, $folded->case->seat->maker, $folded->case->seat->model);

        return $doubt === null || $folded->facts->latest(Beside::Confirmed->key($doubt->subject()))?->value() === true ? null : $doubt;
    }
}
