<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station place. The seat stands in the second row left (position 1); 1R, 2C and 2R are free. */
final class PlaceRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {

        $here = 'vehicle.positions.1.';
        $alone = ['vehicle.positions.0.taken' => true, 'vehicle.positions.2.taken' => true, 'vehicle.positions.3.taken' => true];
        yield 'place unknown' => [self::REAR, ['setup.position' => null], [], ['setup.position']];
        yield 'car unknown' => [self::REAR, ['setup.position' => null, 'vehicle' => null], [], ['vehicle']];
        yield 'airbag, other places free' => [self::REAR, [$here . 'airbag' => true], ['fix place.airbag']];
        yield 'airbag, no other place' => [self::REAR, [$here . 'airbag' => true] + $alone, ['stop place.airbag']];
        yield 'airbag unknown' => [self::REAR, [$here . 'airbag' => null], [], [$here . 'airbag']];
        yield 'airbag unknown and no other place comes first' => [self::REAR, [$here . 'airbag' => null, 'setup.twisted' => null] + $alone, [], [$here . 'airbag', 'setup.twisted']];
        yield 'airbag, forward' => [self::FORWARD, [$here . 'airbag' => true], ['fix place.airbag_forward']];
        yield 'airbag, forward, no back place' => [self::FORWARD, [$here . 'airbag' => true] + $alone, ['advise place.airbag_forward']];
        yield 'taken' => [self::REAR, [$here . 'taken' => true], ['fix place.taken']];
        yield 'side-facing' => [self::REAR, [$here . 'side_facing' => true], ['stop place.side_facing']];
        yield 'nothing can hold it' => [self::REAR, [$here . 'lower_anchors' => false, $here . 'retractor' => 'none', 'setup.held_by' => 'nothing'], ['fix place.no_belt', 'fix secure.nothing']];
        yield 'lap belt with an elr retractor' => [self::REAR, [$here . 'lower_anchors' => false, $here . 'retractor' => 'elr', $here . 'belt' => 'lap', 'setup.held_by' => 'nothing'], ['fix place.no_belt', 'fix secure.nothing']];
        yield 'hardware unknown, no anchors' => [self::REAR, [$here . 'lower_anchors' => false, $here . 'retractor' => null, 'setup.held_by' => 'nothing'], ['fix secure.nothing'], [$here . 'retractor']];
        yield 'a head restraint pushes a rear-facing seat' => [self::REAR, ['setup.head_restraint_pushes' => true], ['fix place.head_restraint']];
        yield 'airbag, and whether another place faces forward is not known' => [self::REAR, ['setup.position' => '1R', 'vehicle.positions.0.tether_anchor' => true, 'child.born_on' => null, 'child.age_months' => 160, 'vehicle.positions.1.side_facing' => null, 'vehicle.positions.2.taken' => true, 'vehicle.positions.3.taken' => true], ['stop place.airbag'], ['vehicle.positions.1.side_facing']];
        yield 'a tether anchor elsewhere that was not looked at' => [self::FORWARD, [$here . 'tether_anchor' => false, 'seat.tether_forward_required' => false, 'vehicle.positions.2.tether_anchor' => null, 'vehicle.positions.3.tether_anchor' => false], ['advise place.no_tether_anchor', 'fix secure.anchor_not_there tether'], ['vehicle.positions.2.tether_anchor']];
        yield 'booster, lap belt only' => [self::BOOSTER, [$here . 'belt' => 'lap', 'setup.booster' => null], ['fix place.booster_lap_only'], ['setup.booster.shoulder', 'setup.booster.guides_ok', 'setup.booster.lap', 'setup.booster.under_arm', 'setup.booster.head_support_ok', 'setup.booster.ears_above']];
        yield 'booster, no belt' => [self::BOOSTER, [$here . 'belt' => 'none'], ['fix place.no_belt']];
        yield 'booster, belt unknown' => [self::BOOSTER, [$here . 'belt' => null], [], [$here . 'belt']];
        $anchorless = ['vehicle.positions.1.tether_anchor' => false, 'vehicle.positions.2.tether_anchor' => false, 'vehicle.positions.3.tether_anchor' => false, 'setup.tether.used' => false, 'setup.tether.slack' => null];
        yield 'no tether anchor here, one elsewhere' => [self::FORWARD, ['vehicle.positions.2.tether_anchor' => true] + $anchorless, ['fix place.no_tether_anchor']];
        yield 'no tether anchor anywhere, required' => [self::FORWARD, $anchorless, ['stop place.no_tether_anchor']];
        yield 'no tether anchor anywhere, maker allows it' => [self::FORWARD, ['seat.tether_forward_required' => false] + $anchorless, ['advise place.no_tether_anchor']];
        yield 'no tether anchor anywhere, maker unknown' => [self::FORWARD, ['seat.tether_forward_required' => null] + $anchorless, [], ['seat.tether_forward_required']];
        yield 'no tether anchor, nz, rear' => [self::NZ, $anchorless, ['stop place.no_tether_anchor']];
        yield 'no tether anchor anywhere, nz, forward, whatever the maker says' => [self::FORWARD, ['practice' => 'nz', 'policy' => null, 'seat.tether_forward_required' => false] + $anchorless, ['stop place.no_tether_anchor']];
        yield 'the only other anchor is at a taken place' => [self::FORWARD, ['vehicle.positions.2.tether_anchor' => true, 'vehicle.positions.2.taken' => true] + $anchorless, ['stop place.no_tether_anchor']];
        yield 'rear-facing, required by the seat, none' => [self::REAR, ['seat.tether_rear' => 'required'] + $anchorless, ['stop place.no_tether_anchor']];
        yield 'tether anchor not looked for' => [self::FORWARD, [$here . 'tether_anchor' => null], [], [$here . 'tether_anchor']];
        yield 'rear-facing without tether needs no anchor' => [self::REAR, [$here . 'tether_anchor' => null], []];
        yield 'pressed against the seat ahead' => [self::REAR, ['setup.front_contact' => 'pressed'], ['fix place.front_contact']];
        yield 'a light touch' => [self::REAR, ['setup.front_contact' => 'touch'], []];
        yield 'handle in the way' => [self::REAR, ['seat.modes.rear_harness.handle_positions' => ['down'], 'setup.handle' => 'up'], ['fix place.handle']];
        yield 'handle not looked at' => [self::REAR, ['seat.modes.rear_harness.handle_positions' => ['down']], [], ['setup.handle']];
        yield 'vehicle back reclined' => [self::FORWARD, ['setup.vehicle_back_upright' => false], ['fix place.back_not_upright']];
        yield 'gap behind' => [self::FORWARD, ['setup.touches_vehicle_back' => false], ['fix place.gap_behind']];
        yield 'head restraint pushes' => [self::BOOSTER, ['setup.head_restraint_pushes' => true], ['fix place.head_restraint']];

    }
}
