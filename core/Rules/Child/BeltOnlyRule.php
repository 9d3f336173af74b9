<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Child;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\BeltOnlyJudge;
use MintBuckle\Core\Fit\Breach;
use MintBuckle\Core\Fit\BreachKind;
use MintBuckle\Core\Rules\Rule;

/** May the child ride with the seat belt alone? */
final readonly class BeltOnlyRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('mode.belt_only_early'),
                [Severity::Fix],
                mendedBy: ['setup.mode'],
                figures: ['stature' => BeltOnlyJudge::stature()],
            ),
            new Finds(Code::of('mode.law_booster'), [Severity::Fix], mendedBy: ['setup.mode']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->mode?->hasSeat() !== false) {
            return;
        }
        $fit = BeltOnlyJudge::judge($s);
        $rows = [
            [BreachKind::BeltFit, Code::of('mode.belt_only_early')],
            [BreachKind::LawBooster, Code::of('mode.law_booster')],
        ];
        foreach ($rows as [$kind, $code]) {
            $breaches = $fit->of($kind);
            if ($breaches !== []) {
                yield new Finding(
                    $code,
                    Severity::Fix,
                    with: ['breaches' => Breach::told($breaches)],
                    observed: $breaches[0]->observed,
                    limit: $breaches[0]->limit?->value,
                    from: $breaches[0]->limit->from ?? 'default',
                    sources: [Source::Common->cite()],
                );
            }
        }
        foreach ($fit->missing as $path) {
            yield new Question($path, Station::Child);
        }
    }
}
