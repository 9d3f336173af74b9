<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Wedge;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Is a noodle or towel under a seat whose maker does not allow it, or under one that faces forward? */
final readonly class WedgeRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('measure.wedge_not_allowed'), [Severity::Fix], mendedBy: ['setup.wedge']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $wedge = $s->setup()->wedge;
        if (! $s->isHarness() && ! $s->isBooster()) {
            return;
        }
        if ($wedge === null) {
            yield new Question('setup.wedge', Station::Measure);
        } elseif ($wedge !== Wedge::None && ! $s->isRear()) {
            yield self::finding($wedge, 'forward', 'default', Source::Common->cite());
        } elseif ($wedge !== Wedge::None && $s->seat?->wedgeOk === false) {
            yield self::finding($wedge, null, 'seat', Source::SeatManual->cite());
        } elseif ($wedge !== Wedge::None && $s->seat?->wedgeOk === null) {
            yield new Question('seat.wedge_ok', Station::Measure);
        }
    }

    private static function finding(Wedge $wedge, ?string $variant, string $from, Citation $source): Finding
    {
        return new Finding(
            Code::of('measure.wedge_not_allowed'),
            Severity::Fix,
            variant: $variant,
            with: ['wedge' => $wedge],
            from: $from,
            sources: [$source],
        );
    }
}
