<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\AnchorLimit;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;

/** May the lower anchors carry this child? */
final readonly class AnchorWeightRule implements Rule
{
    public function codes(): array
    {
        return [Code::SecureAnchorOverweight];
    }

    public function judge(Situation $s): iterable
    {
        if (! $s->isHarness() || ! $s->anchorsHold()) {
            return;
        }
        $limit = AnchorLimit::of($s, $s->mode);
        $weight = $s->child->weight;
        if ($weight === null && $s->child->dueOn !== null) {
            // Not yet born: lighter than any anchor's limit.
            return;
        }
        if ($weight === null) {
            yield new Question('child.weight', Station::Secure);
        } elseif ($limit->bound !== null && ! $limit->bound->allowsAtMost($weight)) {
            yield new Finding(
                Code::SecureAnchorOverweight,
                Severity::Fix,
                "The child weighs {$weight->showBeside($limit->bound->value)}; the lower anchors carry a child of at most {$limit->bound->value->show($weight->unit)} with this seat.",
                'Change to the vehicle belt.',
                observed: $weight,
                limit: $limit->bound->value,
                from: $limit->bound->from,
                sources: $limit->bound->sources,
            );

            return;
        }
        foreach ($limit->missing as $path) {
            yield new Question($path, Station::Secure);
        }
    }
}
