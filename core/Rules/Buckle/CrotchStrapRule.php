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
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** Does the crotch strap come up in front of the child, from an allowed slot? */
final readonly class CrotchStrapRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('harness.crotch'),
                [Severity::Fix],
                mendedBy: ['setup.harness.crotch.slot', 'setup.harness.crotch.under_child', 'setup.harness.crotch.nearest_clear'],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->isHarness()) {
            return;
        }
        $crotch = $s->setup()->harness->crotch;
        $allowed = $s->modeRules->crotchSlots ?? [];
        if ($crotch->underChild === null) {
            yield new Question('setup.harness.crotch.under_child', Station::Buckle);
        }
        if ($allowed !== [] && $crotch->slot === null) {
            yield new Question('setup.harness.crotch.slot', Station::Buckle);
        }
        $wrong = array_map(
            static fn(string $what): Message => new Message("breaches.crotch.{$what}", ['slot' => $crotch->slot]),
            array_keys(array_filter([
                'under_child' => $crotch->underChild === true,
                'slot' => $allowed !== [] && $crotch->slot !== null && ! in_array($crotch->slot, $allowed, true),
                'nearer' => $crotch->nearestClear === false,
            ])),
        );
        if ($wrong !== []) {
            yield new Finding(
                Code::of('harness.crotch'),
                Severity::Fix,
                mend: $allowed === [] ? null : 'of_slots',
                with: ['wrong' => Listing::sentences($wrong), 'allowed' => Listing::all($allowed)],
                observed: $crotch->slot === null ? null : (string) $crotch->slot,
                limit: $allowed === [] ? null : implode(', ', $allowed),
                from: $allowed === [] ? 'default' : 'seat',
                sources: [Source::Common->cite()],
            );
        }
    }
}
