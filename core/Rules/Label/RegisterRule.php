<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Label;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;

/** Would a recall notice reach the family? */
final readonly class RegisterRule implements Rule
{
    public function codes(): array
    {
        return [Code::RegisterMissing];
    }

    public function judge(Situation $s): iterable
    {
        if ($s->seat?->registered === false) {
            yield new Finding(
                Code::RegisterMissing,
                Severity::Advise,
                'The seat is not registered with its maker, so no recall notice would reach the family.',
                'Fill in the card that came with the seat, or register on line or by letter to the maker.',
                sources: Source::cited(Code::RegisterMissing),
            );
        }
    }
}
