<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station measure. */
final class MeasureRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {
        $rear = Cases::REAR;
        $forward = Cases::FORWARD;
        $nz = Cases::NZ;
        $booster = Cases::BOOSTER;
        $q = Cases::q(...);

        $side = static fn(float $value, string $unit): array => ['setup.movement.side' => Cases::q($value, $unit)];
        // us: not more than 25.4 mm; at_limit from 24.4
        yield 'us 24.3 mm' => [$rear, $side(24.3, 'mm'), []];
        yield 'us 24.4 mm' => [$rear, $side(24.4, 'mm'), ['advise measure.at_limit side']];
        yield 'us exactly an inch' => [$rear, $side(1, 'in'), ['advise measure.at_limit side']];
        yield 'us 25.4 mm' => [$rear, $side(25.4, 'mm'), ['advise measure.at_limit side']];
        yield 'us 25.5 mm' => [$rear, $side(25.5, 'mm'), ['fix measure.loose side']];
        yield 'us a thousandth over' => [$rear, $side(25.4001, 'mm'), ['fix measure.loose side']];
        // nz, au: less than 25 mm
        yield 'nz 24.9 mm' => [$nz, $side(24.9, 'mm'), []];
        yield 'nz 25.0 mm' => [$nz, $side(25, 'mm'), ['fix measure.loose side']];
        yield 'nz 25.1 mm' => [$nz, $side(25.1, 'mm'), ['fix measure.loose side']];
        yield 'au 25.0 mm' => [$nz, ['practice' => 'au'] + $side(25, 'mm'), ['fix measure.loose side']];
        yield 'the seat allows more' => [$rear, $side(30, 'mm') + ['seat.movement_max' => $q(32, 'mm')], []];
        yield 'the seat allows less' => [$rear, $side(12.7, 'mm') + ['seat.movement_max' => ['value' => 12.7, 'unit' => 'mm', 'below' => true]], ['fix measure.loose side']];
        yield 'in two directions' => [$rear, ['setup.movement' => ['side' => $q(2, 'in'), 'front' => $q(3, 'in'), 'up' => $q(1.5, 'in'), 'at_belt_path' => true]], ['fix measure.loose side', 'fix measure.loose front', 'fix measure.loose up']];
        yield 'tried elsewhere' => [$rear, $side(2, 'in') + ['setup.movement.at_belt_path' => false], ['ask measure.wrong_spot']];
        yield 'spot unknown: judged and asked' => [$rear, $side(2, 'in') + ['setup.movement.at_belt_path' => null], ['fix measure.loose side'], ['setup.movement.at_belt_path']];
        yield 'not tried' => [$rear, ['setup.movement' => null], [], ['setup.movement.at_belt_path', 'setup.movement.side', 'setup.movement.front']];

        yield 'too upright by angle' => [$rear, ['setup.angle' => $q(29.9, 'deg'), 'setup.indicator' => null], ['fix measure.too_upright']];
        yield 'at the least angle' => [$rear, ['setup.angle' => $q(30, 'deg'), 'setup.indicator' => null], []];
        yield 'at the greatest angle' => [$rear, ['setup.angle' => $q(45, 'deg'), 'setup.indicator' => null], []];
        yield 'too flat by angle' => [$rear, ['setup.angle' => $q(45.1, 'deg'), 'setup.indicator' => null], ['fix measure.too_flat']];
        yield 'counted from the horizontal' => [$rear, ['setup.angle' => $q(60.1, 'deg'), 'setup.angle_from' => 'horizontal', 'setup.indicator' => null], ['fix measure.too_upright']];
        yield 'too upright by the indicator' => [$rear, ['setup.indicator' => 'too_upright', 'setup.angle' => null], ['fix measure.too_upright']];
        yield 'too flat by the indicator' => [$rear, ['setup.indicator' => 'too_flat', 'setup.angle' => null], ['fix measure.too_flat']];
        yield 'both read, one says too upright' => [$rear, ['setup.angle' => $q(29, 'deg')], ['fix measure.too_upright']];
        yield 'upright is allowed for a sitting child' => [$rear, ['setup.indicator' => 'too_upright', 'setup.angle' => null, 'seat.modes.rear_harness.upright_when_sits' => true], []];
        yield 'upright is not allowed for a child that does not sit' => [$rear, ['setup.indicator' => 'too_upright', 'setup.angle' => null, 'seat.modes.rear_harness.upright_when_sits' => true, 'child.sits_unaided' => false], ['fix measure.too_upright']];
        yield 'upright, sitting unknown' => [$rear, ['setup.indicator' => 'too_upright', 'setup.angle' => null, 'seat.modes.rear_harness.upright_when_sits' => true, 'child.sits_unaided' => null], [], ['child.sits_unaided']];
        yield 'neither read, range printed' => [$rear, ['setup.indicator' => null, 'setup.angle' => null], [], ['setup.angle']];
        yield 'neither read, no range' => [$rear, ['setup.indicator' => null, 'setup.angle' => null, 'seat.modes.rear_harness.angle_min' => null, 'seat.modes.rear_harness.angle_max' => null], [], ['setup.indicator']];
        yield 'sloping ground' => [$rear, ['setup.level_ground' => false, 'setup.indicator' => 'too_upright'], ['ask measure.not_level']];
        yield 'ground unknown' => [$rear, ['setup.level_ground' => null], ['ask measure.not_level'], ['setup.level_ground']];
        $zones = ['seat.modes.rear_harness.zones' => [['name' => 'newborn', 'age_max_months' => 6], ['name' => 'sitting', 'age_min_months' => 6, 'weight_min' => $q(15, 'lb'), 'needs_sitting' => true]]];
        yield 'zone not read' => [$rear, $zones, [], ['setup.zone']];
        yield 'zone for this child' => [$rear, $zones + ['setup.zone' => 'sitting'], []];
        yield 'zone for a younger child' => [$rear, $zones + ['setup.zone' => 'newborn'], ['fix measure.zone newborn']];
        yield 'zone for a sitting child' => [$rear, $zones + ['setup.zone' => 'sitting', 'child.sits_unaided' => false], ['fix measure.zone sitting']];
        yield 'zone, sitting unknown' => [$rear, $zones + ['setup.zone' => 'sitting', 'child.sits_unaided' => null], [], ['child.sits_unaided']];
        yield 'recline setting of the other mode' => [$rear, ['setup.recline_setting' => 3], ['fix measure.recline_setting']];
        yield 'recline setting unknown' => [$rear, ['setup.recline_setting' => null], [], ['setup.recline_setting']];
        yield 'recline at the shared weight: either row' => [$forward, ['child.weight' => $q(40, 'lb'), 'setup.recline_setting' => 4], []];
        yield 'recline for the heavier only' => [$forward, ['child.weight' => $q(39, 'lb'), 'setup.recline_setting' => 4, 'seat.modes.rear_harness' => null], ['fix measure.recline_setting']];
        yield 'foot' => [$rear, ['seat.modes.rear_harness.foot' => 'out', 'setup.foot' => 'in'], ['fix measure.foot_position']];
        yield 'foot unknown' => [$rear, ['seat.modes.rear_harness.foot' => 'out'], [], ['setup.foot']];
        yield 'overhang at the figure' => [$rear, ['setup.overhang' => $q(76.2, 'mm')], []];
        yield 'overhang over the figure' => [$rear, ['setup.overhang' => $q(76.3, 'mm')], ['fix measure.overhang']];
        yield 'overhang unknown' => [$rear, ['setup.overhang' => null], [], ['setup.overhang']];
        yield '80 % on the cushion' => [$rear, ['seat.overhang_max' => null, 'setup.base_on_cushion' => 0.8], []];
        yield '79.9 % on the cushion' => [$rear, ['seat.overhang_max' => null, 'setup.base_on_cushion' => 0.799], ['fix measure.overhang']];
        yield 'share from overhang and base: 60 of 300 mm' => [$rear, ['seat.overhang_max' => null, 'setup.base_on_cushion' => null, 'setup.overhang' => $q(60, 'mm')], []];
        yield 'share from overhang and base: 60.1 of 300 mm' => [$rear, ['seat.overhang_max' => null, 'setup.base_on_cushion' => null, 'setup.overhang' => $q(60.1, 'mm')], ['fix measure.overhang']];
        yield 'booster overhang judged' => [$booster, ['setup.overhang' => $q(4, 'in')], ['fix measure.overhang']];
        yield 'booster overhang not asked' => [$booster, ['setup.overhang' => null], []];

        yield 'tether not used, forward' => [$forward, ['setup.tether.used' => false], ['fix measure.tether_unused']];
        yield 'tether not used, nz rear' => [$nz, ['setup.tether.used' => false], ['fix measure.tether_unused']];
        yield 'tether not looked at' => [$forward, ['setup.tether' => null], [], ['setup.tether.anchor_designated', 'setup.tether.used', 'setup.tether.slack']];
        yield 'tether forbidden rear' => [$rear, ['setup.tether' => ['used' => true, 'anchor_designated' => true, 'slack' => false, 'routed' => true, 'overtight' => false]], ['fix measure.tether_forbidden']];
        yield 'tether allowed rear' => [$rear, ['seat.tether_rear' => 'allowed', 'setup.tether.used' => false], []];
        yield 'tether required rear' => [$rear, ['seat.tether_rear' => 'required', 'setup.tether.used' => false], ['fix measure.tether_unused']];
        yield 'tether rear unknown' => [$rear, ['seat.tether_rear' => null], [], ['seat.tether_rear']];
        yield 'tether rear unknown, settled by asnzs1754' => [$nz, ['seat.tether_rear' => null], []];
        yield 'tether slack' => [$forward, ['setup.tether.slack' => true], ['fix measure.tether_slack']];
        yield 'tether overtight rear' => [$nz, ['setup.tether.overtight' => true], ['fix measure.tether_overtight']];
        yield 'overtight forward is no fault' => [$forward, ['setup.tether.overtight' => true], []];
        yield 'tether twisted' => [$forward, ['setup.tether.twisted' => true], ['fix measure.tether_twist']];
        yield 'tether route' => [$forward, ['setup.tether.routed' => false], ['fix measure.tether_route']];
        yield 'part required' => [$rear, ['seat.modes.rear_harness.parts_required' => ['rebound_bar'], 'setup.parts_fitted' => []], ['fix measure.part_required rebound_bar']];
        yield 'part forbidden' => [$rear, ['seat.modes.rear_harness.parts_forbidden' => ['foot_panel'], 'setup.parts_fitted' => ['foot_panel']], ['fix measure.part_forbidden foot_panel']];
        yield 'parts not looked at' => [$rear, ['seat.modes.rear_harness.parts_required' => ['rebound_bar'], 'setup.parts_fitted' => null], [], ['setup.parts_fitted']];
        yield 'side pod on the door side' => [$rear, ['seat.side_pod' => 'door_side', 'setup.side_pod' => 'door_side'], []];
        yield 'side pod in' => [$rear, ['seat.side_pod' => 'door_side', 'setup.side_pod' => 'none'], ['fix measure.side_pod']];
        yield 'side pod out in the centre' => [$rear, ['seat.side_pod' => 'door_side', 'setup.side_pod' => 'door_side', 'setup.position' => '2C', 'vehicle.positions.2.retractor' => 'switchable'], ['fix measure.side_pod']];
        yield 'side pod not looked at' => [$rear, ['seat.side_pod' => 'both'], [], ['setup.side_pod']];
        yield 'noodle allowed' => [$rear, ['setup.wedge' => 'noodle'], []];
        yield 'noodle not allowed' => [$rear, ['setup.wedge' => 'noodle', 'seat.wedge_ok' => false], ['fix measure.wedge_not_allowed']];
        yield 'noodle, maker unknown' => [$rear, ['setup.wedge' => 'noodle', 'seat.wedge_ok' => null], [], ['seat.wedge_ok']];
        yield 'towel under a forward-facing seat' => [$forward, ['setup.wedge' => 'towel'], ['fix measure.wedge_not_allowed']];
        yield 'towel under a booster' => [$booster, ['setup.wedge' => 'towel'], ['fix measure.wedge_not_allowed']];

    }
}
