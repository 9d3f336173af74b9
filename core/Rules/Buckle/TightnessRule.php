<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Buckle;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Are the straps tight by this seat's own test? */
final readonly class TightnessRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('harness.slack'),
                [Severity::Fix],
                mendedBy: ['setup.harness.tightness.passes'],
                ownFigures: ['seat.tightness_test'],
            ),
            new Finds(
                Code::of('harness.wrong_test'),
                [Severity::Ask],
                mendedBy: ['setup.harness.tightness.test'],
                ownFigures: ['seat.tightness_test'],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->isHarness()) {
            return;
        }
        $done = $s->setup()->harness->tightness;
        $test = $s->seat->tightnessTest ?? $s->convention?->tightness;
        $from = $s->seat?->tightnessTest !== null ? 'seat' : $s->convention->from ?? 'default';
        if ($done->passes === null) {
            yield new Question('setup.harness.tightness.passes', Station::Buckle);
        }
        if ($done->test === null) {
            yield new Question('setup.harness.tightness.test', Station::Buckle);
        }
        if ($test === null) {
            yield new Question('seat.standards', Station::Buckle);
        }
        if ($done->passes === false) {
            yield new Finding(
                Code::of('harness.slack'),
                Severity::Fix,
                with: ['test' => $done->test],
                observed: $done->test?->value,
                limit: $test?->value,
                from: $from,
                sources: [$s->convention->source ?? Source::Common->cite()],
            );
        } elseif ($done->passes === true && $test !== null && $done->test !== null && $done->test !== $test) {
            yield new Finding(
                Code::of('harness.wrong_test'),
                Severity::Ask,
                with: ['done' => $done->test, 'test' => $test],
                observed: $done->test->value,
                limit: $test->value,
                from: $from,
                sources: [$s->convention->source ?? Source::Common->cite()],
            );
        }
    }
}
