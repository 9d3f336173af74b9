<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Buckle;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\TightnessTest;
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
                'The straps are slack: the ' . ($done->test->value ?? 'tightness') . ' test fails.',
                'Draw the slack up from the hips, then the adjuster, then the clip; then the test at the shoulder.',
                observed: $done->test?->value,
                limit: $test?->value,
                from: $from,
                sources: [$s->convention->source ?? Source::Common->cite()],
            );
        } elseif ($done->passes === true && $test !== null && $done->test !== null && $done->test !== $test) {
            yield new Finding(
                Code::of('harness.wrong_test'),
                Severity::Ask,
                "The {$done->test->value} test was done; this seat is tried by the {$test->value} test.",
                $test === TightnessTest::Pinch
                    ? 'Try to pinch the webbing lengthwise at the shoulder: nothing may stay between the fingers.'
                    : 'One finger goes between strap and child, two do not.',
                observed: $done->test->value,
                limit: $test->value,
                from: $from,
                sources: [$s->convention->source ?? Source::Common->cite()],
            );
        }
    }
}
