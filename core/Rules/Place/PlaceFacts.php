<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Place;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\FrontContact;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rules\FactRule;
use MintBuckle\Core\Rules\When;

/** What one look at the place settles. */
final readonly class PlaceFacts
{
    /** @return list<FactRule> */
    public static function rules(): array
    {
        $stop = Severity::Stop;
        $fix = Severity::Fix;

        return [
            //            code                        weight when                     asked  fact                         read                                                                faulty
            new FactRule(Code::of('place.taken'),            $fix,  When::PlacedWithSeat,   true,  'place.taken',               static fn(AssessmentContext $s): ?bool => $s->place?->taken,               true, mendedBy: ['setup.position', 'vehicle.positions.*.taken']),
            new FactRule(Code::of('place.side_facing'),       $stop, When::Placed,           true,  'place.side_facing',         static fn(AssessmentContext $s): ?bool => $s->place?->sideFacing,          true, mendedBy: ['setup.position']),
            new FactRule(Code::of('place.front_contact'),     $fix,  When::Rear,             true,  'setup.front_contact',       static fn(AssessmentContext $s): ?FrontContact => $s->setup()->frontContact, FrontContact::Pressed),
            new FactRule(Code::of('place.back_not_upright'),   $fix,  When::ForwardOrBooster, true,  'setup.vehicle_back_upright', static fn(AssessmentContext $s): ?bool => $s->setup()->vehicleBackUpright,  false),
            new FactRule(Code::of('place.gap_behind'),        $fix,  When::ForwardHarness,   false, 'setup.touches_vehicle_back', static fn(AssessmentContext $s): ?bool => $s->setup()->touchesVehicleBack,  false),
            new FactRule(Code::of('place.head_restraint'),    $fix,  When::WithSeat,         false, 'setup.head_restraint_pushes', static fn(AssessmentContext $s): ?bool => $s->setup()->headRestraintPushes, true),
        ];
    }
}
