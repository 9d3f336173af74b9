<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Label;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Can the label be read, and does it say who made which seat? */
final readonly class LabelFacts implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('label.unreadable'),
                [Severity::Stop],
                mendedBy: ['seat.label_readable', 'seat.maker', 'seat.model', 'seat.made_on'],
            ),
            new Finds(Code::of('label.name_only'), [Severity::Ask], mendedBy: ['seat.model']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $seat = $s->seat;
        if ($seat === null) {
            return;
        }
        if ($seat->labelReadable === null) {
            yield new Question('seat.label_readable', Station::Label, Severity::Stop);
        }
        if ($seat->labelReadable === false) {
            yield new Finding(
                Code::of('label.unreadable'),
                Severity::Stop,
                sources: [Source::Common->cite()],
            );

            return;
        }
        if ($seat->maker === null) {
            yield new Question('seat.maker', Station::Label, Severity::Stop);
        }
        if ($seat->model === null) {
            yield new Question('seat.model', Station::Label, Severity::Stop);
            if ($seat->name !== null) {
                yield new Finding(
                    Code::of('label.name_only'),
                    Severity::Ask,
                    with: ['name' => $seat->name],
                    observed: $seat->name,
                    sources: [Source::Common->cite()],
                );
            }
        }
    }
}
