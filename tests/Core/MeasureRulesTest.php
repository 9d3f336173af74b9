<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station measure. */
final class MeasureRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {

        $side = static fn(float $value, string $unit): array => ['setup.movement.side' => Cases::q($value, $unit)];
        // us: not more than 25.4 mm; at_limit from 24.4
        yield 'us 24.3 mm' => [self::REAR, $side(24.3, 'mm'), []];
        yield 'us 24.4 mm' => [self::REAR, $side(24.4, 'mm'), ['advise measure.at_limit side']];
        yield 'us exactly an inch' => [self::REAR, $side(1, 'in'), ['advise measure.at_limit side']];
        yield 'us 25.4 mm' => [self::REAR, $side(25.4, 'mm'), ['advise measure.at_limit side']];
        yield 'us 25.5 mm' => [self::REAR, $side(25.5, 'mm'), ['fix measure.loose side']];
        yield 'us a thousandth over' => [self::REAR, $side(25.4001, 'mm'), ['fix measure.loose side']];
        // nz, au: less than 25 mm
        yield 'nz 24.9 mm' => [self::NZ, $side(24.9, 'mm'), []];
        yield 'nz 25.0 mm' => [self::NZ, $side(25, 'mm'), ['fix measure.loose side']];
        yield 'nz 25.1 mm' => [self::NZ, $side(25.1, 'mm'), ['fix measure.loose side']];
        yield 'au 25.0 mm' => [self::NZ, ['practice' => 'au'] + $side(25, 'mm'), ['fix measure.loose side']];
        yield 'the seat allows more' => [self::REAR, $side(30, 'mm') + ['seat.movement_max' => Cases::q(32, 'mm')], []];
        yield 'the seat allows less' => [self::REAR, $side(12.7, 'mm') + ['seat.movement_max' => ['value' => 12.7, 'unit' => 'mm', 'below' => true]], ['fix measure.loose side']];
        yield 'in two directions' => [self::REAR, ['setup.movement' => ['side' => Cases::q(2, 'in'), 'front' => Cases::q(3, 'in'), 'up' => Cases::q(1.5, 'in'), 'at_belt_path' => true]], ['fix measure.loose side', 'fix measure.loose front', 'fix measure.loose up']];
        yield 'tried elsewhere' => [self::REAR, $side(2, 'in') + ['setup.movement.at_belt_path' => false], ['ask measure.wrong_spot']];
        yield 'spot unknown: judged and asked' => [self::REAR, $side(2, 'in') + ['setup.movement.at_belt_path' => null], ['fix measure.loose side'], ['setup.movement.at_belt_path']];
        yield 'not tried' => [self::REAR, ['setup.movement' => null], [], ['setup.movement.at_belt_path', 'setup.movement.side', 'setup.movement.front']];

        yield 'too upright by angle' => [self::REAR, ['setup.angle' => Cases::q(29.9, 'deg'), 'setup.indicator' => null], ['fix measure.too_upright']];
        yield 'at the least angle' => [self::REAR, ['setup.angle' => Cases::q(30, 'deg'), 'setup.indicator' => null], []];
        yield 'at the greatest angle' => [self::REAR, ['setup.angle' => Cases::q(45, 'deg'), 'setup.indicator' => null], []];
        yield 'too flat by angle' => [self::REAR, ['setup.angle' => Cases::q(45.1, 'deg'), 'setup.indicator' => null], ['fix measure.too_flat']];
        yield 'counted from the horizontal' => [self::REAR, ['setup.angle' => Cases::q(60.1, 'deg'), 'setup.angle_from' => 'horizontal', 'setup.indicator' => null], ['fix measure.too_upright']];
        yield 'too upright by the indicator' => [self::REAR, ['setup.indicator' => 'too_upright', 'setup.angle' => null], ['fix measure.too_upright']];
        yield 'too flat by the indicator' => [self::REAR, ['setup.indicator' => 'too_flat', 'setup.angle' => null], ['fix measure.too_flat']];
        yield 'both read, one says too upright' => [self::REAR, ['setup.angle' => Cases::q(29, 'deg')], ['fix measure.too_upright']];
        yield 'upright is allowed for a sitting child' => [self::REAR, ['setup.indicator' => 'too_upright', 'setup.angle' => null, 'seat.modes.rear_harness.upright_when_sits' => true], []];
        yield 'upright is not allowed for a child that does not sit' => [self::REAR, ['setup.indicator' => 'too_upright', 'setup.angle' => null, 'seat.modes.rear_harness.upright_when_sits' => true, 'child.sits_unaided' => false], ['fix measure.too_upright']];
        yield 'upright, sitting unknown' => [self::REAR, ['setup.indicator' => 'too_upright', 'setup.angle' => null, 'seat.modes.rear_harness.upright_when_sits' => true, 'child.sits_unaided' => null], [], ['child.sits_unaided']];
        yield 'neither read, range printed' => [self::REAR, ['setup.indicator' => null, 'setup.angle' => null], [], ['setup.angle']];
        yield 'neither read, no range' => [self::REAR, ['setup.indicator' => null, 'setup.angle' => null, 'seat.modes.rear_harness.angle_min' => null, 'seat.modes.rear_harness.angle_max' => null], [], ['setup.indicator']];
        yield 'an angle without a range needs the indicator' => [self::REAR, ['setup.indicator' => null, 'seat.modes.rear_harness.angle_min' => null, 'seat.modes.rear_harness.angle_max' => null], [], ['setup.indicator']];
        yield 'only a least angle is a range' => [self::REAR, ['setup.indicator' => null, 'setup.angle' => null, 'seat.modes.rear_harness.angle_max' => null], [], ['setup.angle']];
        yield 'only a greatest angle is a range' => [self::REAR, ['setup.indicator' => null, 'setup.angle' => null, 'seat.modes.rear_harness.angle_min' => null], [], ['setup.angle']];
        yield 'sloping ground' => [self::REAR, ['setup.level_ground' => false, 'setup.indicator' => 'too_upright'], ['ask measure.not_level']];
        yield 'ground unknown, nothing read yet' => [self::REAR, ['setup.level_ground' => null, 'setup.angle' => null, 'setup.indicator' => null], [], ['setup.level_ground', 'setup.angle']];
        yield 'sloping ground, nothing read yet' => [self::REAR, ['setup.level_ground' => false, 'setup.angle' => null, 'setup.indicator' => null], [], ['setup.angle']];
        yield 'ground unknown' => [self::REAR, ['setup.level_ground' => null], ['ask measure.not_level'], ['setup.level_ground']];
        $zones = ['seat.modes.rear_harness.zones' => [['name' => 'newborn', 'age_max_months' => 6], ['name' => 'sitting', 'age_min_months' => 6, 'weight_min' => Cases::q(15, 'lb'), 'needs_sitting' => true]]];
        yield 'zone not read' => [self::REAR, $zones, [], ['setup.zone']];
        yield 'zone for this child' => [self::REAR, $zones + ['setup.zone' => 'sitting'], []];
        yield 'zone for a younger child' => [self::REAR, $zones + ['setup.zone' => 'newborn'], ['fix measure.zone newborn']];
        yield 'zone for a sitting child' => [self::REAR, $zones + ['setup.zone' => 'sitting', 'child.sits_unaided' => false], ['fix measure.zone sitting']];
        yield 'zone, sitting unknown' => [self::REAR, $zones + ['setup.zone' => 'sitting', 'child.sits_unaided' => null], [], ['child.sits_unaided']];
        yield 'recline setting of the other mode' => [self::REAR, ['setup.recline_setting' => 3], ['fix measure.recline_setting']];
        yield 'recline setting unknown' => [self::REAR, ['setup.recline_setting' => null], [], ['setup.recline_setting']];
        yield 'recline at the shared weight: either row' => [self::FORWARD, ['child.weight' => Cases::q(40, 'lb'), 'setup.recline_setting' => 4], []];
        yield 'recline for the heavier only' => [self::FORWARD, ['child.weight' => Cases::q(39, 'lb'), 'setup.recline_setting' => 4, 'seat.modes.rear_harness' => null], ['fix measure.recline_setting']];
        $rows = static fn(array $row): array => ['seat.modes.rear_harness.recline' => [$row + ['settings' => [1, 2]]]];
        yield 'recline row with a least weight, weight unknown' => [self::REAR, $rows(['weight_min' => Cases::q(5, 'lb')]) + ['child.weight' => null], [], ['child.weight']];
        yield 'recline row with a greatest weight, weight unknown' => [self::REAR, $rows(['weight_max' => Cases::q(40, 'lb')]) + ['child.weight' => null], [], ['child.weight']];
        yield 'two rows, one of them undecided by the make date' => [self::REAR, ['seat.made_on' => '2023', 'seat.modes.rear_harness.recline' => [['settings' => [1], 'weight_max' => [['value' => 40, 'unit' => 'lb'], ['value' => 20, 'unit' => 'lb', 'made_from' => '2023-06-01']]]], 'setup.recline_setting' => 1], [], ['seat.made_on']];
        yield 'recline row below the weight' => [self::REAR, $rows(['weight_max' => Cases::q(20, 'lb')]), ['fix measure.recline_setting']];
        yield 'recline row above the weight' => [self::REAR, $rows(['weight_min' => Cases::q(22, 'lb')]), ['fix measure.recline_setting']];
        yield 'side pods, and nothing set up yet' => [self::REAR, ['setup' => null, 'seat.side_pod' => 'both'], [], ['setup']];
        yield 'foot' => [self::REAR, ['seat.modes.rear_harness.foot' => 'out', 'setup.foot' => 'in'], ['fix measure.foot_position']];
        yield 'foot unknown' => [self::REAR, ['seat.modes.rear_harness.foot' => 'out'], [], ['setup.foot']];
        yield 'overhang at the figure' => [self::REAR, ['setup.overhang' => Cases::q(76.2, 'mm')], []];
        yield 'overhang over the figure' => [self::REAR, ['setup.overhang' => Cases::q(76.3, 'mm')], ['fix measure.overhang']];
        yield 'overhang unknown' => [self::REAR, ['setup.overhang' => null], [], ['setup.overhang']];
        yield 'a base of no length tells nothing' => [self::REAR, ['seat.overhang_max' => null, 'setup.base_on_cushion' => null, 'seat.base_length' => Cases::q(0, 'mm')], [], ['setup.base_on_cushion']];
        yield 'neither share nor base measured' => [self::REAR, ['seat.overhang_max' => null, 'setup.base_on_cushion' => null, 'seat.base_length' => null], [], ['setup.base_on_cushion']];
        yield 'neither share nor overhang measured' => [self::REAR, ['seat.overhang_max' => null, 'setup.base_on_cushion' => null, 'setup.overhang' => null], [], ['setup.base_on_cushion']];
        yield '80 % on the cushion' => [self::REAR, ['seat.overhang_max' => null, 'setup.base_on_cushion' => 0.8], []];
        yield '79.9 % on the cushion' => [self::REAR, ['seat.overhang_max' => null, 'setup.base_on_cushion' => 0.799], ['fix measure.overhang']];
        yield 'share from overhang and base: 60 of 300 mm' => [self::REAR, ['seat.overhang_max' => null, 'setup.base_on_cushion' => null, 'setup.overhang' => Cases::q(60, 'mm')], []];
        yield 'share from overhang and base: 60.1 of 300 mm' => [self::REAR, ['seat.overhang_max' => null, 'setup.base_on_cushion' => null, 'setup.overhang' => Cases::q(60.1, 'mm')], ['fix measure.overhang']];
        yield 'booster overhang judged' => [self::BOOSTER, ['setup.overhang' => Cases::q(4, 'in')], ['fix measure.overhang']];
        yield 'booster overhang not asked' => [self::BOOSTER, ['setup.overhang' => null], []];

        yield 'tether not used, forward' => [self::FORWARD, ['setup.tether.used' => false], ['fix measure.tether_unused']];
        yield 'tether not used, nz rear' => [self::NZ, ['setup.tether.used' => false], ['fix measure.tether_unused']];
        yield 'tether not looked at' => [self::FORWARD, ['setup.tether' => null], [], ['setup.tether.anchor_designated', 'setup.tether.used', 'setup.tether.slack']];
        yield 'tether forbidden rear' => [self::REAR, ['setup.tether' => ['used' => true, 'anchor_designated' => true, 'slack' => false, 'routed' => true, 'overtight' => false]], ['fix measure.tether_forbidden']];
        yield 'tether allowed rear' => [self::REAR, ['seat.tether_rear' => 'allowed', 'setup.tether.used' => false], []];
        yield 'tether required rear' => [self::REAR, ['seat.tether_rear' => 'required', 'setup.tether.used' => false], ['fix measure.tether_unused']];
        yield 'tether rear unknown' => [self::REAR, ['seat.tether_rear' => null], [], ['seat.tether_rear']];
        yield 'tether forbidden rear, not looked at' => [self::REAR, ['setup.tether' => null], [], ['setup.tether.used']];
        yield 'tether allowed rear, not looked at' => [self::REAR, ['seat.tether_rear' => 'allowed', 'setup.tether' => null], [], ['setup.tether.used']];
        yield 'felt more than the limit' => [self::REAR, ['setup.movement.side' => null, 'setup.movement.side_felt' => 'more'], ['fix measure.loose side']];
        yield 'felt within and still' => [self::REAR, ['setup.movement.side' => null, 'setup.movement.side_felt' => 'within', 'setup.movement.front' => null, 'setup.movement.front_felt' => 'still'], []];
        yield 'a figure stands above what was felt' => [self::REAR, ['setup.movement.side_felt' => 'more'], []];
        yield 'felt up and down' => [self::REAR, ['setup.movement.up_felt' => 'more'], ['fix measure.loose up']];
        yield 'tried with the tether tight' => [self::FORWARD, ['setup.movement.tether_loose' => false], ['ask measure.tether_masked']];
        yield 'tried with the tether loose' => [self::FORWARD, ['setup.movement.tether_loose' => true], []];
        yield 'no tether that could mask it' => [self::REAR, ['setup.movement.tether_loose' => false], []];
        yield 'tried elsewhere, with the tether tight' => [self::FORWARD, ['setup.movement.tether_loose' => false, 'setup.movement.at_belt_path' => false], ['ask measure.wrong_spot']];
        yield 'an overhang list none of whose entries applies: the 80 per cent' => [self::REAR, ['seat.overhang_max' => [['value' => 3, 'unit' => 'in', 'made_from' => '2030-01-01']], 'setup.base_on_cushion' => 0.7], ['fix measure.overhang']];
        yield 'an overhang list that is undecided' => [self::REAR, ['seat.made_on' => null, 'seat.use_until' => '2030', 'seat.life_years' => null, 'seat.overhang_max' => [Cases::q(3, 'in'), ['value' => 1, 'unit' => 'in', 'made_from' => '2020-01-01']]], [], ['seat.made_on']];
        yield 'a booster\'s overhang is judged by the figure that holds' => [self::BOOSTER, ['seat.overhang_max' => [['value' => 3, 'unit' => 'in', 'made_from' => '2030-01-01']], 'setup.base_on_cushion' => 0.7], ['fix measure.overhang']];
        yield 'a base that hangs over further than it is long' => [self::REAR, ['seat.overhang_max' => null, 'setup.base_on_cushion' => null, 'setup.overhang' => Cases::q(400, 'mm')], ['fix measure.overhang']];
        yield 'an angle range none of whose entries applies: the indicator is asked' => [self::REAR, ['seat.modes.rear_harness.angle_min' => [['value' => 30, 'unit' => 'deg', 'made_from' => '2030-01-01']], 'seat.modes.rear_harness.angle_max' => null, 'setup.indicator' => null], [], ['setup.indicator']];
        yield 'a recline setting that no row names, the weight unknown' => [self::REAR, ['seat.modes.rear_harness.recline' => [['settings' => [1], 'weight_max' => Cases::q(20, 'lb')]], 'setup.recline_setting' => 7, 'child.weight' => null], ['fix measure.recline_setting'], ['child.weight']];
        yield 'side pod, whether or not modes are known' => [self::REAR, ['seat.modes' => null, 'seat.side_pod' => 'both', 'setup.side_pod' => 'none', 'setup.zone' => null], ['fix measure.side_pod'], ['seat.modes']];
        yield 'too upright by the indicator alone' => [self::REAR, ['setup.indicator' => 'too_upright', 'setup.angle' => Cases::q(38, 'deg')], ['fix measure.too_upright']];
        $range = static fn(string $end, int $first, int $later): array => ['seat.made_on' => '2023', 'setup.indicator' => null, "seat.modes.rear_harness.angle_{$end}" => [Cases::q($first, 'deg'), ['value' => $later, 'unit' => 'deg', 'made_from' => '2023-06-01']]];
        yield 'the least angle undecided, this one between' => [self::REAR, ['setup.angle' => Cases::q(33, 'deg')] + $range('min', 30, 35), [], ['seat.made_on']];
        yield 'the least angle undecided, below whichever holds' => [self::REAR, ['setup.angle' => Cases::q(29, 'deg')] + $range('min', 30, 35), ['fix measure.too_upright']];
        yield 'the greatest angle undecided, this one between' => [self::REAR, ['setup.angle' => Cases::q(43, 'deg')] + $range('max', 45, 40), [], ['seat.made_on']];
        yield 'the greatest angle undecided, above whichever holds' => [self::REAR, ['setup.angle' => Cases::q(46, 'deg')] + $range('max', 45, 40), ['fix measure.too_flat']];
        yield 'too flat by both' => [self::REAR, ['setup.indicator' => 'too_flat', 'setup.angle' => Cases::q(47, 'deg')], ['fix measure.too_flat']];
        yield 'tether forbidden rear, no anchor, not looked at' => [self::REAR, ['vehicle.positions.1.tether_anchor' => false, 'setup.tether' => null], [], ['setup.tether.used']];
        yield 'tether rear unknown, settled by asnzs1754' => [self::NZ, ['seat.tether_rear' => null], []];
        yield 'tether slack' => [self::FORWARD, ['setup.tether.slack' => true], ['fix measure.tether_slack']];
        yield 'tether overtight rear' => [self::NZ, ['setup.tether.overtight' => true], ['fix measure.tether_overtight']];
        yield 'overtight forward is no fault' => [self::FORWARD, ['setup.tether.overtight' => true], []];
        yield 'tether twisted' => [self::FORWARD, ['setup.tether.twisted' => true], ['fix measure.tether_twist']];
        yield 'tether route' => [self::FORWARD, ['setup.tether.routed' => false], ['fix measure.tether_route']];
        yield 'part required' => [self::REAR, ['seat.modes.rear_harness.parts_required' => ['rebound_bar'], 'setup.parts_fitted' => []], ['fix measure.part_required rebound_bar']];
        yield 'part forbidden' => [self::REAR, ['seat.modes.rear_harness.parts_forbidden' => ['foot_panel'], 'setup.parts_fitted' => ['foot_panel']], ['fix measure.part_forbidden foot_panel']];
        yield 'no part named, none looked at' => [self::REAR, ['setup.parts_fitted' => null], []];
        yield 'a part forbidden, none looked at' => [self::REAR, ['seat.modes.rear_harness.parts_forbidden' => ['foot_panel'], 'setup.parts_fitted' => null], [], ['setup.parts_fitted']];
        yield 'two parts required, one on' => [self::REAR, ['seat.modes.rear_harness.parts_required' => ['rebound_bar', 'support_leg'], 'setup.parts_fitted' => ['support_leg', 'cup_holder']], ['fix measure.part_required rebound_bar']];
        yield 'parts not looked at' => [self::REAR, ['seat.modes.rear_harness.parts_required' => ['rebound_bar'], 'setup.parts_fitted' => null], [], ['setup.parts_fitted']];
        yield 'side pod on the door side' => [self::REAR, ['seat.side_pod' => 'door_side', 'setup.side_pod' => 'door_side'], []];
        yield 'side pod in' => [self::REAR, ['seat.side_pod' => 'door_side', 'setup.side_pod' => 'none'], ['fix measure.side_pod']];
        yield 'side pod out in the centre' => [self::REAR, ['seat.side_pod' => 'door_side', 'setup.side_pod' => 'door_side', 'setup.position' => '2C', 'vehicle.positions.2.retractor' => 'switchable'], ['fix measure.side_pod']];
        yield 'side pod not looked at' => [self::REAR, ['seat.side_pod' => 'both'], [], ['setup.side_pod']];
        yield 'noodle allowed' => [self::REAR, ['setup.wedge' => 'noodle'], []];
        yield 'noodle not allowed' => [self::REAR, ['setup.wedge' => 'noodle', 'seat.wedge_ok' => false], ['fix measure.wedge_not_allowed']];
        yield 'noodle, maker unknown' => [self::REAR, ['setup.wedge' => 'noodle', 'seat.wedge_ok' => null], [], ['seat.wedge_ok']];
        yield 'towel under a forward-facing seat' => [self::FORWARD, ['setup.wedge' => 'towel'], ['fix measure.wedge_not_allowed']];
        yield 'towel under a booster' => [self::BOOSTER, ['setup.wedge' => 'towel'], ['fix measure.wedge_not_allowed']];

    }
}
