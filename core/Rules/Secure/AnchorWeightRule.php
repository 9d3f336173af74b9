<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\AnchorLimit;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Beside;
use MintBuckle\Core\Truth\Truth;

/** May the lower anchors carry this child? */
final readonly class AnchorWeightRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('secure.anchor_overweight'),
                [Severity::Fix],
                mendedBy: ['setup.held_by'],
                ownFigures: ['seat.lower_anchor_child_max'],
                sources: [Source::AnchorWeight],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->isHarness() || ! $s->anchorsHold()) {
            return;
        }
        $limit = AnchorLimit::of($s, $s->mode);
        $weight = $s->child->weight;
        $broken = $limit->broken();
        if ($weight !== null && $broken !== null) {
            yield self::overweight($weight, $broken, $s);

            return;
        }
        // A child not yet born is lighter than any anchor's limit; it is never weighed.
        foreach ([...($weight === null && ! $s->isUnborn() ? ['child.weight'] : []), ...$limit->missing] as $path) {
            yield new Question($path, Station::Secure);
        }
    }

    private static function overweight(Mass $weight, Bound $bound, AssessmentContext $s): Finding
    {
        return new Finding(
            Code::of('secure.anchor_overweight'),
            Severity::Fix,
            variant: $bound->value->value->isZero() ? 'seat_alone' : null,
            mend: $s->bus?->bench->belt === Belt::None || LockFinder::of($s)->anyWorks() === Truth::No ? 'elsewhere' : null,
            with: ['weight' => new Beside($weight, $bound->value), 'limit' => $bound->value, 'inclusive' => $bound->inclusive],
            observed: $weight,
            limit: $bound->value,
            from: $bound->from,
            sources: $bound->sources,
        );
    }
}
