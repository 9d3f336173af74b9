<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Place;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;

/** Is there an active airbag in front of a child seat? */
final readonly class AirbagRule implements Rule
{
    public function codes(): array
    {
        return [Code::PlaceAirbag, Code::PlaceAirbagForward];
    }

    public function judge(Situation $s): iterable
    {
        if ($s->place === null || ! ($s->isHarness() || $s->isBooster())) {
            return;
        }
        $free = $s->freePlaces() !== [];
        $freeBack = $s->hasFreeBackPlace();
        $severity = match (true) {
            $s->isRear() => $free ? Severity::Fix : Severity::Stop,
            default => $freeBack ? Severity::Fix : Severity::Advise,
        };
        if ($s->place->airbag === null) {
            yield new Question($s->placePath('airbag'), Station::Place, $severity);
        } elseif ($s->place->airbag && $s->isRear()) {
            yield new Finding(Code::PlaceAirbag, $severity, 'A rear-facing seat stands in front of an active airbag.', $free ? 'Move it to another place. Never rear-facing in front of an active airbag.' : 'There is no other place in this car: the child does not ride in it.', sources: [Source::common()]);
        } elseif ($s->place->airbag) {
            yield new Finding(Code::PlaceAirbagForward, $severity, 'The seat stands in front of an active airbag.', $freeBack ? 'Move it to a free place in the back.' : 'Move the vehicle seat all the way back.', sources: [Source::common()]);
        }
    }
}
