<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BaseUse;
use MintBuckle\Core\Facts\Permission;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Is an infant shell belted without its base, and may it be? */
final readonly class BaselessRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('secure.baseless_not_allowed'), [Severity::Fix], mendedBy: ['setup.base']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->isHarness()) {
            return;
        }
        $base = $s->setup()->base;
        $leave = $s->seat?->baseless;
        if ($leave !== null && $base === null) {
            yield new Question('setup.base', Station::Secure);
        } elseif ($base === BaseUse::None && $leave === Permission::Forbidden) {
            yield new Finding(
                Code::of('secure.baseless_not_allowed'),
                Severity::Fix,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        } elseif ($base === BaseUse::None && $leave === null) {
            yield new Question('seat.baseless', Station::Secure);
        }
    }
}
