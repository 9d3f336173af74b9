<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Child;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Is there a seat, a set-up and a child of known age to judge at all? */
final readonly class SceneRule implements Rule
{
    public function finds(): array
    {
        return [];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->case->seat === null && $s->mode?->hasSeat() !== false) {
            yield new Question('seat', Station::Label, Severity::Stop);
        }
        if ($s->age === null) {
            yield new Question('child.born_on', Station::Child, Severity::Stop);
        }
        if ($s->case->setup === null && $s->mode === null) {
            yield new Question('setup', Station::Place, Severity::Stop);
        }
    }
}
