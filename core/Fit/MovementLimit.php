<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Practice\Bound;

/** How far a seat may move at the belt path: its maker's own figure, else the practice's. */
final readonly class MovementLimit
{
    public static function of(AssessmentContext $s): FigureInUse
    {
        return FigureInUse::atMost($s, $s->seat?->movementMax, $s->practice->movement);
    }

    /** For a gauge: while the maker's figure is undecided, the practice's is drawn. */
    public static function shown(AssessmentContext $s): Bound
    {
        return self::of($s)->bound ?? $s->practice->movement;
    }
}
