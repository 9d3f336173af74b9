<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Child;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Fit\ModeJudge;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Beside;
use MintBuckle\Core\Truth\Truth;

/** May this child face forward at all, by age and by law; and is it better not to yet? */
final readonly class TurnedForwardRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('mode.under_one_forward'),
                [Severity::Fix, Severity::Stop],
                mendedBy: ['setup.mode'],
                sources: [Source::InfantLabels],
            ),
            new Finds(Code::of('mode.law_rear'), [Severity::Fix, Severity::Stop], mendedBy: ['setup.mode']),
            new Finds(Code::of('mode.forward_early'), [Severity::Advise], mendedBy: ['setup.mode'], sources: [Source::Paediatricians]),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->mode === null || $s->isRear()) {
            return;
        }
        $rearFits = ModeFits::of($s)->fits(ModeName::RearHarness);
        $severity = $rearFits === Truth::Yes ? Severity::Fix : Severity::Stop;
        $tooEarly = false;
        foreach (self::floors($s) as [$code, $path, $measured, $floor, $from, $source]) {
            if ($measured === null) {
                yield from $s->isNeverAsked($path) ? [] : [new Question($path, Station::Child, $severity)];
            } elseif ($measured->isLessThan($floor)) {
                $tooEarly = true;
                yield new Finding(
                    $code,
                    $severity,
                    mend: $rearFits === Truth::Yes ? 'turn' : 'find',
                    with: ['measured' => new Beside($measured, $floor), 'floor' => $floor],
                    observed: $measured,
                    limit: $floor,
                    from: $from,
                    sources: [$source],
                );
            }
        }
        if (! $tooEarly && $s->isForwardHarness() && $rearFits === Truth::Yes) {
            yield new Finding(
                Code::of('mode.forward_early'),
                Severity::Advise,
                sources: [Source::Paediatricians->cite()],
            );
        }
    }

    /** @return list<array{Code, string, Quantity|null, Quantity, string, Citation}> */
    private static function floors(AssessmentContext $s): array
    {
        $law = $s->case->law;
        $floors = [[
            Code::of('mode.under_one_forward'),
            'child.born_on',
            $s->age,
            Months::of(ModeJudge::UNDER_ONE_MONTHS),
            $s->practice->layer(),
            Source::InfantLabels->cite(),
        ]];
        if ($law->rearFacingUntilMonths !== null) {
            $floors[] = [Code::of('mode.law_rear'), 'child.born_on', $s->age, $law->rearFacingUntilMonths, 'law', Source::LocalLaw->cite()];
        }
        if ($law->rearFacingUntilWeight !== null) {
            $floors[] = [
                Code::of('mode.law_rear'),
                'child.weight',
                $s->child->weight,
                $law->rearFacingUntilWeight,
                'law',
                Source::LocalLaw->cite(),
            ];
        }

        return $floors;
    }
}
