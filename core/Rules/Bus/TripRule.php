<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Bus;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Was all of it gone through before this trip? A bus is checked at every use. */
final readonly class TripRule implements Rule
{
    public function finds(): array
    {
        return [];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->bus !== null && $s->bus->checkedThisTrip !== true) {
            yield new Question('bus.checked_this_trip', Station::Bus);
        }
    }
}
