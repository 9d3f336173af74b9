<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Label;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Standard;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Listing;

/** Does the label claim a standard that the practice accepts? */
final readonly class StandardRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('label.standard'), [Severity::Stop], mendedBy: ['seat.standards'], sources: [Source::AcceptedStandards]),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $seat = $s->seat;
        if ($seat === null) {
            return;
        }
        if ($seat->standards === null) {
            yield new Question('seat.standards', Station::Label, Severity::Stop);

            return;
        }
        $accepted = array_map(static fn(Standard $standard): string => $standard->value, $s->practice->accepted);
        if (array_intersect($accepted, $seat->standards) === []) {
            yield new Finding(
                Code::of('label.standard'),
                Severity::Stop,
                variant: $seat->standards === [] ? 'none' : null,
                with: [
                    'claimed' => Listing::names(array_map(
                        static fn(string $one): string => Standard::tryFrom($one)?->title() ?? $one,
                        $seat->standards,
                    )),
                    'accepted' => Listing::any(array_map(static fn(Standard $one): string => $one->title(), $s->practice->accepted)),
                ],
                observed: implode(', ', $seat->standards),
                limit: implode(', ', $accepted),
                from: $s->practice->layer(),
                sources: [Source::AcceptedStandards->cite()],
            );
        }
    }
}
