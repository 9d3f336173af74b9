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
            new FactRule(Code::of('place.taken'),            $fix,  When::PlacedWithSeat,   true,  'place.taken',               static fn(AssessmentContext $s): ?bool => $s->place?->taken,               true,
                'Somebody or something else has this place.', 'Choose another place, or clear this one.', mendedBy: ['setup.position', 'vehicle.positions.*.taken']),
            new FactRule(Code::of('place.side_facing'),       $stop, When::Placed,           true,  'place.side_facing',         static fn(AssessmentContext $s): ?bool => $s->place?->sideFacing,          true,
                'The vehicle seat here does not face forward.', 'No child seat rides here. Choose another place.', mendedBy: ['setup.position']),
            new FactRule(Code::of('place.front_contact'),     $fix,  When::Rear,             true,  'setup.front_contact',       static fn(AssessmentContext $s): ?FrontContact => $s->setup()->frontContact, FrontContact::Pressed,
                'The seat is pressed hard against the vehicle seat ahead.', 'Move the seat ahead forward, or gain room by the handle or recline. A light touch is fine unless a manual says otherwise.'),
            new FactRule(Code::of('place.back_not_upright'),   $fix,  When::ForwardOrBooster, true,  'setup.vehicle_back_upright', static fn(AssessmentContext $s): ?bool => $s->setup()->vehicleBackUpright,  false,
                'The vehicle seat back is reclined behind this seat.', 'Set the vehicle seat back upright.'),
            new FactRule(Code::of('place.gap_behind'),        $fix,  When::ForwardHarness,   false, 'setup.touches_vehicle_back', static fn(AssessmentContext $s): ?bool => $s->setup()->touchesVehicleBack,  false,
                'The seat does not touch the vehicle seat back.', 'Close the gap: set the vehicle back, raise or take off the head restraint as the manuals allow.'),
            new FactRule(Code::of('place.head_restraint'),    $fix,  When::WithSeat,         false, 'setup.head_restraint_pushes', static fn(AssessmentContext $s): ?bool => $s->setup()->headRestraintPushes, true,
                'The vehicle head restraint pushes the seat away from the seat back.', 'Raise it, or take it off where the vehicle\'s manual allows and put it back afterwards; else choose another place.'),
        ];
    }
}
