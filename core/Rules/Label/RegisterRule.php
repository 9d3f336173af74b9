<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Label;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Rules\Rule;

/** Would a recall notice reach the family? */
final readonly class RegisterRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('register.missing'), [Severity::Advise], mendedBy: ['seat.registered'], sources: [Source::Registration]),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->seat?->registered === false) {
            yield new Finding(
                Code::of('register.missing'),
                Severity::Advise,
                sources: [Source::Registration->cite()],
            );
        }
    }
}
