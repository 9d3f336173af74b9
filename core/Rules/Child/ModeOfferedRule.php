<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Child;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Fit\ModeJudge;
use MintBuckle\Core\Rules\Rule;

/** Which mode is in use, does the seat have it, and are its limits known? */
final readonly class ModeOfferedRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('mode.not_offered'), [Severity::Fix, Severity::Stop], mendedBy: ['setup.mode']),
            new Finds(Code::of('mode.limits_unknown'), [Severity::Ask]),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->case->setup === null) {
            return;
        }
        if ($s->mode === null) {
            yield new Question('setup.mode', Station::Child, Severity::Stop);
        }
        if ($s->mode === null || $s->seat === null) {
            return;
        }
        if ($s->seat->modes === null) {
            yield new Question('seat.modes', Station::Child, Severity::Stop);
        } elseif ($s->modeRules === null) {
            $other = ModeFits::of($s)->anotherThan($s->mode);
            yield new Finding(
                Code::of('mode.not_offered'),
                $other === null ? Severity::Stop : Severity::Fix,
                mend: $other === null ? 'find' : 'use',
                with: ['mode' => $s->mode->told(), 'other' => $other?->told()],
                observed: $s->mode->value,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        } else {
            yield from self::limits($s, $s->mode, $s->modeRules);
        }
    }

    /** @return iterable<Finding|Question> */
    private static function limits(AssessmentContext $s, ModeName $mode, Mode $rules): iterable
    {
        $lacking = ModeJudge::lackingMaxima($s, $mode, $rules);
        if ($lacking !== []) {
            yield new Finding(
                Code::of('mode.limits_unknown'),
                Severity::Ask,
                sources: [Source::Common->cite()],
            );
        }
        $least = $rules->weightMin?->asMinimum($s->madeOn(), $s->heldForLimits());
        foreach ([...($least === null || $least->isAbsent() ? [$s->modePath('weight_min')] : []), ...$lacking] as $path) {
            yield new Question($path, Station::Child, Severity::Stop);
        }
    }
}
