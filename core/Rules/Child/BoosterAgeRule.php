<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Child;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Fit\Breach;
use MintBuckle\Core\Fit\BreachKind;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Fit\ModeJudge;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Truth\Truth;

/** Is the child old and heavy enough for a booster, and would more protection still fit? */
final readonly class BoosterAgeRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('mode.booster_early'), [Severity::Fix, Severity::Stop], mendedBy: ['setup.mode']),
            new Finds(Code::of('mode.booster_could_harness'), [Severity::Advise], mendedBy: ['setup.mode']),
            new Finds(Code::of('mode.back_off_early'), [Severity::Advise], mendedBy: ['setup.mode']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->isBooster()) {
            return;
        }
        $harness = ModeFits::of($s)->fits(ModeName::RearHarness)->or(ModeFits::of($s)->fits(ModeName::ForwardHarness));
        $breaches = ModeFits::of($s)->for($s->mode)?->of(BreachKind::BoosterFloor) ?? self::floorsOfUnofferedMode($s);
        if ($breaches !== []) {
            yield new Finding(
                Code::of('mode.booster_early'),
                $harness === Truth::Yes ? Severity::Fix : Severity::Stop,
                mend: $harness === Truth::Yes ? 'harness' : 'find',
                with: ['breaches' => Breach::told($breaches)],
                observed: $breaches[0]->observed,
                limit: $breaches[0]->limit?->value,
                from: $breaches[0]->limit->from ?? 'default',
                sources: [Source::Common->cite()],
            );
        } elseif (ModeFits::of($s)->fits(ModeName::ForwardHarness) === Truth::Yes) {
            yield new Finding(
                Code::of('mode.booster_could_harness'),
                Severity::Advise,
                sources: [Source::Common->cite()],
            );
        }
        if ($s->mode?->hasBack() === false && ModeFits::of($s)->fits(ModeName::HighBackBooster) === Truth::Yes) {
            yield new Finding(
                Code::of('mode.back_off_early'),
                Severity::Advise,
                sources: [Source::Common->cite()],
            );
        }
    }

    /** @return list<Breach> */
    private static function floorsOfUnofferedMode(AssessmentContext $s): array
    {
        return $s->mode === null ? [] : ModeJudge::judge($s, $s->mode, new Mode())->of(BreachKind::BoosterFloor);
    }
}
