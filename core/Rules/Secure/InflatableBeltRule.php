<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Is the belt here inflatable, and does the seat's maker allow that? */
final readonly class InflatableBeltRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('secure.inflatable_belt'), [Severity::Fix], mendedBy: ['setup.position', 'setup.held_by']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->beltHolds() || $s->place === null) {
            return;
        }
        if ($s->place->inflatableBelt === null) {
            yield new Question($s->placePath('inflatable_belt'), Station::Secure);
        } elseif ($s->place->inflatableBelt && $s->seat?->inflatableBeltOk === null) {
            yield new Question('seat.inflatable_belt_ok', Station::Secure);
        } elseif ($s->place->inflatableBelt && $s->seat->inflatableBeltOk === false) {
            yield new Finding(
                Code::of('secure.inflatable_belt'),
                Severity::Fix,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }
}
