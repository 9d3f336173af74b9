<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Bus;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BehindWrap;
use MintBuckle\Core\Facts\LowestStrap;
use MintBuckle\Core\Facts\TopStraps;
use MintBuckle\Core\Facts\VestCrotch;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rules\FactRule;
use MintBuckle\Core\Rules\When;

/** What one look at bench, wrap and vest settles. */
final readonly class BusFacts
{
    /** @return list<FactRule> */
    public static function rules(): array
    {
        $stop = Severity::Stop;
        $fix = Severity::Fix;

        return [
            // code, weight, when, asked, fact, read, faulty value
            new FactRule(Code::of('bus.tether_used'),        $fix,  When::OnBusRestrained, When::BusHarnessSeat, 'bus.tether_used',         static fn(AssessmentContext $s): ?bool => $s->bus?->tetherUsed, true),
            new FactRule(Code::of('bus.wrap_loose'),         $fix,  When::WrapHolds,       true,                 'bus.wrap.dents',          static fn(AssessmentContext $s): ?bool => $s->bus?->wrap->dents, false),
            new FactRule(Code::of('bus.wrap_frayed'),        $stop, When::WrapHolds,       true,                 'bus.wrap.frayed',         static fn(AssessmentContext $s): ?bool => $s->bus?->wrap->frayed, true),
            new FactRule(Code::of('bus.behind_unrestrained'), $fix, When::WrapHolds,       true,                 'bus.wrap.behind',         static fn(AssessmentContext $s): ?BehindWrap => $s->bus?->wrap->behind, BehindWrap::Unrestrained),
            new FactRule(Code::of('bus.vest_size'),          $fix,  When::Vest,            true,                 'bus.vest.size_nearest',   static fn(AssessmentContext $s): ?bool => $s->bus?->vest->sizeNearest, false),
            new FactRule(Code::of('bus.vest_backwards'),     $fix,  When::Vest,            true,                 'bus.vest.front_right',    static fn(AssessmentContext $s): ?bool => $s->bus?->vest->frontRight, false),
            new FactRule(Code::of('bus.vest_over_coat'),     $fix,  When::Vest,            true,                 'bus.vest.over_coat',      static fn(AssessmentContext $s): ?bool => $s->bus?->vest->overCoat, true),
            new FactRule(Code::of('bus.vest_no_crotch'),     $fix,  When::Vest,            true,                 'bus.vest.crotch',         static fn(AssessmentContext $s): ?VestCrotch => $s->bus?->vest->crotch, VestCrotch::Unused),
            new FactRule(Code::of('bus.vest_crotch_tight'),  $fix,  When::Vest,            true,                 'bus.vest.crotch',         static fn(AssessmentContext $s): ?VestCrotch => $s->bus?->vest->crotch, VestCrotch::Tight),
            new FactRule(Code::of('bus.vest_low_strap'),     $fix,  When::Vest,            true,                 'bus.vest.lowest_strap',   static fn(AssessmentContext $s): ?LowestStrap => $s->bus?->vest->lowestStrap, LowestStrap::Belly),
            new FactRule(Code::of('bus.vest_neck'),          $fix,  When::Vest,            true,                 'bus.vest.strap_near_neck', static fn(AssessmentContext $s): ?bool => $s->bus?->vest->strapNearNeck, true),
            new FactRule(Code::of('bus.vest_top_from_below'), $fix, When::Vest,            true,                 'bus.vest.top_from',       static fn(AssessmentContext $s): ?TopStraps => $s->bus?->vest->topFrom, TopStraps::Below),
            new FactRule(Code::of('bus.vest_not_rethreaded'), $fix, When::Vest,            true,                 'bus.vest.rethreaded',     static fn(AssessmentContext $s): ?bool => $s->bus?->vest->rethreaded, false),
            new FactRule(Code::of('bus.slouch'),             $fix,  When::OnBus,           true,                 'bus.slouch',              static fn(AssessmentContext $s): ?bool => $s->bus?->slouch, true),
        ];
    }
}
