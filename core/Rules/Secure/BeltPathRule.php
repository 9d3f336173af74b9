<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BeltPath;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Does the webbing go through this direction's path, and the part of it that the maker says? */
final readonly class BeltPathRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('secure.wrong_path'), [Severity::Fix], mendedBy: ['setup.belt_path']),
            new Finds(Code::of('secure.webbing_path'), [Severity::Fix], mendedBy: ['setup.webbing']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $setup = $s->setup();
        if ($s->isHarness() && ($s->beltHolds() || $s->anchorsHold())) {
            $right = $s->isRear() ? BeltPath::Rear : BeltPath::Forward;
            if ($setup->beltPath === null) {
                yield new Question('setup.belt_path', Station::Secure);
            } elseif ($setup->beltPath !== $right) {
                yield new Finding(
                    Code::of('secure.wrong_path'),
                    Severity::Fix,
                    with: ['path' => $setup->beltPath],
                    observed: $setup->beltPath->value,
                    limit: $right->value,
                    sources: [Source::Common->cite()],
                );
            }
        }
        $asked = $s->webbingAsked();
        if ($asked === null || $s->bus !== null || ! $s->beltHolds()) {
            return;
        }
        if ($setup->webbing === null) {
            yield new Question('setup.webbing', Station::Secure);
        } elseif ($setup->webbing !== $asked) {
            yield new Finding(
                Code::of('secure.webbing_path'),
                Severity::Fix,
                with: ['webbing' => $asked],
                observed: $setup->webbing->value,
                limit: $asked->value,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }
}
