<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Truth\Truth;

/** Is the tether on where it is called for, off where it is forbidden, and without slack? */
final readonly class TetherRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('measure.tether_unused'),
                [Severity::Fix],
                mendedBy: ['setup.tether.used'],
                ownFigures: ['seat.tether_rear'],
            ),
            new Finds(
                Code::of('measure.tether_forbidden'),
                [Severity::Fix],
                mendedBy: ['setup.tether.used'],
                ownFigures: ['seat.tether_rear'],
            ),
            new Finds(Code::of('measure.tether_slack'), [Severity::Fix], mendedBy: ['setup.tether.slack']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->isHarness()) {
            return;
        }
        $called = $s->tetherCalledFor();
        $tether = $s->setup()->tether;
        if ($called === Truth::Unknown && $s->seat?->tetherRear === null) {
            yield new Question('seat.tether_rear', Station::Measure, Severity::Stop);
        }
        if ($tether->used === null) {
            yield new Question('setup.tether.used', Station::Measure);
        }
        if ($tether->used === false && $called === Truth::Yes && $s->place?->tetherAnchor === true) {
            yield new Finding(
                Code::of('measure.tether_unused'),
                Severity::Fix,
                from: $s->tetherCalledForBy(),
                sources: [Source::Common->cite()],
            );
        }
        if ($tether->used === true && $s->tetherForbidden()) {
            yield new Finding(
                Code::of('measure.tether_forbidden'),
                Severity::Fix,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
        if ($tether->slack === null && $s->isTetherConcerned()) {
            yield new Question('setup.tether.slack', Station::Measure);
        }
        if ($tether->slack === true && $tether->used !== false) {
            yield new Finding(
                Code::of('measure.tether_slack'),
                Severity::Fix,
                mend: $s->isRear() ? 'rear' : null,
                sources: [Source::Common->cite()],
            );
        }
    }
}
