<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Place;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Truth\Truth;

/** Is it known which place is in use? */
final readonly class PositionRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('place.no_belt'), [Severity::Fix], mendedBy: ['setup.position']),
            new Finds(Code::of('place.booster_lap_only'), [Severity::Fix], mendedBy: ['setup.position']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->case->setup === null) {
            return;
        }
        if ($s->place === null) {
            yield new Question($s->case->vehicle === null ? 'vehicle' : 'setup.position', Station::Place, Severity::Stop);
        }
        if ($s->place === null || $s->mode === null) {
            return;
        }
        yield from $s->isHarness() ? self::harness($s, $s->place) : self::belted($s, $s->place);
    }

    /** @return iterable<Finding|Question> */
    private static function harness(AssessmentContext $s, SeatingPosition $place): iterable
    {
        $held = Truth::of($place->lowerAnchors)->or(LockFinder::of($s)->anyWorks());
        if ($held === Truth::No) {
            yield self::noBelt('nothing_holds');
        }
        if ($held === Truth::Unknown) {
            foreach (
                [...($place->lowerAnchors === null ? [$s->placePath('lower_anchors')] : []), ...LockFinder::of($s)->missing()] as $path
            ) {
                yield new Question($path, Station::Place);
            }
        }
    }

    /** @return iterable<Finding|Question> */
    private static function belted(AssessmentContext $s, SeatingPosition $place): iterable
    {
        if ($place->belt === null) {
            yield new Question($s->placePath('belt'), Station::Place);
        } elseif ($place->belt === Belt::None) {
            yield self::noBelt('no_belt');
        } elseif ($place->belt === Belt::Lap && $s->isBooster()) {
            yield new Finding(
                Code::of('place.booster_lap_only'),
                Severity::Fix,
                observed: 'lap',
                limit: 'lap_shoulder',
                sources: [Source::Common->cite()],
            );
        }
    }

    private static function noBelt(string $variant): Finding
    {
        return new Finding(
            Code::of('place.no_belt'),
            Severity::Fix,
            variant: $variant,
            sources: [Source::Common->cite()],
        );
    }
}
