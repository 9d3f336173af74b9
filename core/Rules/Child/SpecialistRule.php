<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Child;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Rules\Rule;

/** Does the child need a technician trained for medical needs? */
final readonly class SpecialistRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('child.specialist'), [Severity::Advise]),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->child->specialNeeds === true) {
            yield new Finding(
                Code::of('child.specialist'),
                Severity::Advise,
                sources: [Source::Common->cite()],
            );
        }
    }
}
