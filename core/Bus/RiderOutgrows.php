<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Growth\Outgrown;
use MintBuckle\Core\Quantity\Quantity;

/** When a rider outgrows the system that a plan gives them, as a seat in a car is outgrown. Always an estimate. */
final readonly class RiderOutgrows
{
    /** Null when age or measures are unknown, or the system has no maximum. */
    public static function of(BusRequest $request, BusRider $rider, BusRestraint $system): ?Outgrown
    {
        return OutgrowForecast::of(
            new AssessmentContext($request->caseOf($rider)),
            new Mode(weightMax: self::limit($system->weightMax), heightMax: self::limit($system->heightMax)),
        );
    }

    private static function limit(?Quantity $most): ?Limit
    {
        return $most === null ? null : new Limit([new LimitEntry($most)]);
    }
}
