<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station child. The rear-facing child is 14 months old, 21 lb, 29.5 in; the seat carries 5 to 40 lb and up to 40 in rear-facing. */
final class ChildRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {

        $head = static fn(float $inches): array => ['setup.head_to_shell_top' => Cases::q($inches, 'in')];
        yield 'no set-up' => [self::REAR, ['setup' => null], [], ['setup']];
        yield 'mode unknown' => [self::REAR, ['setup.mode' => null], [], ['setup.mode']];
        yield 'modes of the seat unknown' => [self::REAR, ['seat.modes' => null], [], ['seat.modes']];
        yield 'mode not offered, another fits' => [self::BOOSTER, ['seat.modes.high_back_booster' => null, 'seat.modes.backless_booster' => ['weight_min' => Cases::q(40, 'lb'), 'weight_max' => Cases::q(100, 'lb'), 'height_max' => Cases::q(57, 'in')]], ['fix mode.not_offered']];
        yield 'mode not offered, none fits' => [self::REAR, ['seat.modes.rear_harness' => null], ['stop mode.not_offered']];
        yield 'at the greatest weight' => [self::REAR, ['child.weight' => Cases::q(40, 'lb')], []];
        yield 'over the greatest weight' => [self::REAR, ['child.weight' => Cases::q(40.001, 'lb')], ['stop mode.outside_limits']];
        yield 'under the least weight' => [self::REAR, ['child.weight' => Cases::q(4.9, 'lb')], ['stop mode.outside_limits']];
        yield 'at the least weight' => [self::REAR, ['child.weight' => Cases::q(5, 'lb')], []];
        yield 'a limit marked below is broken when reached' => [self::REAR, ['seat.modes.rear_harness.weight_max' => [['value' => 21, 'unit' => 'lb', 'below' => true]]], ['stop mode.outside_limits']];
        yield 'at the greatest height' => [self::REAR, ['child.height' => Cases::q(40, 'in')], []];
        yield 'over the greatest height, in metric' => [self::REAR, ['child.height' => Cases::q(1016.1, 'mm')], ['stop mode.outside_limits']];
        yield 'over weight, forward fits at 26 months' => [self::REAR, ['child.born_on' => '2024-08-01', 'child.weight' => Cases::q(41, 'lb'), 'seat.slots' => [], 'setup.harness.strap' => 'at'], ['fix mode.outside_limits']];
        yield 'both broken, one finding' => [self::REAR, ['child.weight' => Cases::q(41, 'lb'), 'child.height' => Cases::q(41, 'in')], ['stop mode.outside_limits']];
        yield 'weight unknown' => [self::REAR, ['child.weight' => null], [], ['child.weight']];
        yield 'greatest weight unknown' => [self::REAR, ['seat.modes.rear_harness.weight_max' => null], ['ask mode.limits_unknown'], ['seat.modes.rear_harness.weight_max']];
        yield 'least weight unknown' => [self::REAR, ['seat.modes.rear_harness.weight_min' => null], [], ['seat.modes.rear_harness.weight_min']];
        yield 'two equal limits, one marked below' => [self::REAR, ['seat.modes.rear_harness.weight_max' => [Cases::q(21, 'lb'), ['value' => 21, 'unit' => 'lb', 'below' => true]]], ['stop mode.outside_limits']];
        yield 'two equal limits, the other way round' => [self::REAR, ['seat.modes.rear_harness.weight_max' => [['value' => 21, 'unit' => 'lb', 'below' => true], Cases::q(21, 'lb')]], ['stop mode.outside_limits']];
        yield 'of two minima the higher holds' => [self::REAR, ['seat.modes.rear_harness.weight_min' => [Cases::q(5, 'lb'), Cases::q(22, 'lb')]], ['stop mode.outside_limits']];
        yield 'a minimum that must be exceeded' => [self::REAR, ['seat.modes.rear_harness.weight_min' => ['value' => 21, 'unit' => 'lb', 'below' => true]], ['stop mode.outside_limits']];
        yield 'a limit of the anchors, held by both' => [self::REAR, ['setup.held_by' => 'both', 'setup.anchor_designated' => true, 'setup.hook_right_way_up' => true, 'seat.belt_and_anchors_ok' => true, 'vehicle.belt_and_anchors_ok' => true, 'seat.modes.rear_harness.weight_max' => [Cases::q(40, 'lb'), ['value' => 20, 'unit' => 'lb', 'held_by' => 'lower_anchors']]], ['fix mode.outside_limits']];
        yield 'a younger child in a booster that is anchored' => [self::BOOSTER, ['child.born_on' => '2021-06-01', 'setup.held_by' => 'nothing', 'seat.modes.forward_harness' => null, 'seat.modes.high_back_booster.age_min_months' => [['value' => 60, 'held_by' => 'lower_anchors'], ['value' => 72]]], ['stop mode.outside_limits']];
        yield 'limit by make date, make date partial' => [self::REAR, ['seat.made_on' => '2023', 'seat.modes.rear_harness.weight_max' => [Cases::q(40, 'lb'), ['value' => 20, 'unit' => 'lb', 'made_from' => '2023-06-01']]], [], ['seat.made_on']];
        yield 'limit by make date, inside' => [self::REAR, ['seat.modes.rear_harness.weight_max' => [Cases::q(40, 'lb'), ['value' => 20, 'unit' => 'lb', 'made_from' => '2023-03-14']]], ['stop mode.outside_limits']];
        yield 'limit by make date, the day before' => [self::REAR, ['seat.modes.rear_harness.weight_max' => [Cases::q(40, 'lb'), ['value' => 20, 'unit' => 'lb', 'made_from' => '2023-03-15']]], []];
        yield 'limit by what holds it' => [self::REAR, ['seat.modes.rear_harness.weight_max' => [Cases::q(40, 'lb'), ['value' => 20, 'unit' => 'lb', 'held_by' => 'belt']]], ['fix mode.outside_limits']];
        yield 'limit by what holds it, and no bars to hang it on' => [self::REAR, ['vehicle.positions.1.lower_anchors' => false, 'seat.modes.rear_harness.weight_max' => [Cases::q(40, 'lb'), ['value' => 20, 'unit' => 'lb', 'held_by' => 'belt']]], ['stop mode.outside_limits']];
        yield 'limit by what holds it, and the bars carry no such child' => [self::REAR, ['seat.lower_anchor_child_max' => Cases::q(20, 'lb'), 'seat.modes.rear_harness.weight_max' => [Cases::q(40, 'lb'), ['value' => 20, 'unit' => 'lb', 'held_by' => 'belt']]], ['stop mode.outside_limits']];
        yield 'a laxer entry for seats made later holds' => [self::REAR, ['seat.made_on' => '2023-03-14', 'seat.modes.rear_harness.weight_max' => [Cases::q(20, 'lb'), ['value' => 40, 'unit' => 'lb', 'made_from' => '2023-01-01']]], []];
        yield 'a list none of whose entries applies is no limit that is known' => [self::REAR, ['seat.modes.rear_harness.weight_max' => [['value' => 40, 'unit' => 'lb', 'made_from' => '2030-01-01']]], ['ask mode.limits_unknown'], ['seat.modes.rear_harness.weight_max']];
        yield 'a least weight none of whose entries applies is asked' => [self::REAR, ['seat.modes.rear_harness.weight_min' => [['value' => 5, 'unit' => 'lb', 'made_from' => '2030-01-01']]], [], ['seat.modes.rear_harness.weight_min']];
        yield 'which entry holds is not known' => [self::REAR, ['seat.made_on' => '2023', 'seat.modes.rear_harness.weight_max' => [Cases::q(40, 'lb'), ['value' => 20, 'unit' => 'lb', 'made_from' => '2023-07-01']]], [], ['seat.made_on']];
        yield 'whichever entry holds, it is broken' => [self::REAR, ['seat.made_on' => '2023', 'seat.modes.rear_harness.weight_max' => [Cases::q(20, 'lb'), ['value' => 19, 'unit' => 'lb', 'made_from' => '2023-07-01']]], ['stop mode.outside_limits']];
        yield 'a booster held by nothing is held by the belt' => [self::BOOSTER, ['setup.held_by' => 'nothing', 'seat.modes.high_back_booster.age_min_months' => [['value' => 96, 'held_by' => 'belt'], ['value' => 36, 'held_by' => 'lower_anchors']]], ['stop mode.outside_limits']];
        yield 'an unborn child is never weighed, by any rule' => [self::FORWARD, ['child' => ['due_on' => '2026-12-01', 'shoulder_height' => Cases::q(320, 'mm')], 'law' => ['rear_facing_until_weight' => Cases::q(20, 'lb')]], [], ['child.born_on']];
        yield 'limit by what does not hold it' => [self::REAR, ['seat.modes.rear_harness.weight_max' => [Cases::q(40, 'lb'), ['value' => 20, 'unit' => 'lb', 'held_by' => 'lower_anchors']]], []];
        yield 'an inch of shell above the head' => [self::REAR, $head(1), []];
        yield 'less than an inch' => [self::REAR, $head(0.99), ['stop fit.head_rear']];
        yield 'no figure: an inch' => [self::REAR, $head(0.99) + ['seat.modes.rear_harness.head_clearance_min' => null], ['stop fit.head_rear']];
        yield 'the seat asks less: that holds' => [self::REAR, $head(0.6) + ['seat.modes.rear_harness.head_clearance_min' => Cases::q(0.5, 'in')], []];
        yield 'a clearance that must be exceeded' => [self::REAR, $head(1) + ['seat.modes.rear_harness.head_clearance_min' => ['value' => 1, 'unit' => 'in', 'below' => true]], ['stop fit.head_rear']];
        yield 'shell not measured' => [self::REAR, ['setup.head_to_shell_top' => null], [], ['setup.head_to_shell_top']];
        yield 'ears above, forward' => [self::FORWARD, ['setup.ears_above' => true], ['stop fit.head_forward']];
        yield 'shoulder marker' => [self::REAR, ['seat.modes.rear_harness.shoulder_markers' => true], [], ['setup.marker']];
        yield 'shoulder above its markers' => [self::REAR, ['seat.modes.rear_harness.shoulder_markers' => true, 'setup.marker' => 'above'], ['stop fit.shoulder_marker']];

        $turned = ['law' => null, 'setup.head_to_shell_top' => Cases::q(3, 'in'), 'seat.modes.forward_harness.age_min_months' => null, 'child.weight' => Cases::q(25, 'lb'), 'child.height' => Cases::q(35, 'in'), 'child.shoulder_height' => Cases::q(320, 'mm'), 'seat.slots' => [], 'setup.harness.strap' => 'at'];
        yield 'forward at eleven months' => [self::FORWARD, ['child.born_on' => '2025-10-11'] + $turned, ['fix mode.under_one_forward']];
        yield 'forward at twelve months' => [self::FORWARD, ['child.born_on' => '2025-10-10'] + $turned, ['advise mode.forward_early']];
        yield 'forward at eleven months, no rear mode' => [self::FORWARD, ['child.born_on' => '2025-10-11', 'seat.modes.rear_harness' => null] + $turned, ['stop mode.under_one_forward']];
        yield 'by law rear until 24 months' => [self::FORWARD, ['child.born_on' => '2024-10-11', 'law' => ['rear_facing_until_months' => 24]] + $turned, ['fix mode.law_rear']];
        yield 'on the day of 24 months' => [self::FORWARD, ['child.born_on' => '2024-10-10', 'law' => ['rear_facing_until_months' => 24]] + $turned, ['advise mode.forward_early']];
        yield 'by law rear until a weight' => [self::FORWARD, ['law' => ['rear_facing_until_weight' => Cases::q(25.1, 'lb')]] + $turned, ['fix mode.law_rear']];
        yield 'no birth date' => [self::FORWARD, ['child.born_on' => null], [], ['child.born_on']];
        yield 'no age at all, and no limit or law that reads it' => [self::REAR, ['child.born_on' => null, 'law' => null, 'seat.modes.rear_harness.age_min_months' => null], [], ['child.born_on']];
        yield 'not yet born, neither weighed nor measured' => [self::REAR, ['child.born_on' => null, 'child.due_on' => '2026-12-01', 'child.weight' => null, 'child.height' => null], [], ['child.born_on']];
        yield 'not yet born, and the seat takes no newborn' => [self::REAR, ['child.born_on' => null, 'child.due_on' => '2026-12-01', 'child.weight' => Cases::q(4, 'lb')], ['stop mode.outside_limits'], ['child.born_on']];
        yield 'not yet born' => [self::REAR, ['child.born_on' => null, 'child.due_on' => '2026-12-01'], [], ['child.born_on']];

        yield 'booster at 48 months and 40 lb' => [self::BOOSTER, ['child.born_on' => '2022-10-10', 'child.weight' => Cases::q(40, 'lb'), 'seat.modes.forward_harness' => null], []];
        yield 'booster at 47 months' => [self::BOOSTER, ['child.born_on' => '2022-10-11', 'seat.modes.forward_harness' => null, 'seat.modes.high_back_booster.age_min_months' => null], ['stop mode.booster_early']];
        yield 'booster under 40 lb' => [self::BOOSTER, ['child.weight' => Cases::q(39.9, 'lb'), 'seat.modes.forward_harness' => null, 'seat.modes.high_back_booster.weight_min' => Cases::q(30, 'lb')], ['stop mode.booster_early']];
        yield 'booster early, harness fits' => [self::BOOSTER, ['child.weight' => Cases::q(39.9, 'lb'), 'child.height' => Cases::q(48, 'in'), 'child.shoulder_height' => Cases::q(380, 'mm'), 'seat.modes.high_back_booster.weight_min' => Cases::q(30, 'lb')], ['fix mode.booster_early']];
        yield 'booster below its own minimum only' => [self::BOOSTER, ['child.height' => Cases::q(42, 'in'), 'seat.modes.forward_harness' => null, 'seat.modes.rear_harness' => null], ['stop mode.outside_limits']];
        yield 'booster though the harness fits' => [self::BOOSTER, ['child.height' => Cases::q(49, 'in'), 'child.shoulder_height' => Cases::q(380, 'mm')], ['advise mode.booster_could_harness']];
        foreach (['nz', 'au'] as $practice) {
            $there = ['practice' => $practice, 'policy' => null, 'handover' => null, 'seat.standards' => ['asnzs1754'], 'seat.modes.forward_harness' => null, 'seat.modes.rear_harness' => null, 'seat.modes.high_back_booster.age_min_months' => null, 'seat.modes.high_back_booster.weight_min' => Cases::q(14, 'kg')];
            yield "{$practice}: booster at 48 months" => [self::BOOSTER, ['child.born_on' => '2022-10-10'] + $there, []];
            yield "{$practice}: booster at 47 months" => [self::BOOSTER, ['child.born_on' => '2022-10-11'] + $there, ['stop mode.booster_early']];
            yield "{$practice}: no weight floor of its own" => [self::BOOSTER, ['child.weight' => Cases::q(14, 'kg')] + $there, []];
        }
        yield 'no mode known yet, nothing of holding is asked' => [self::REAR, ['setup.mode' => null, 'setup.position' => null], [], ['setup.mode', 'setup.position']];
        yield 'no mode known yet: what does not depend on it speaks' => [self::REAR, ['setup.mode' => null, 'setup.position' => '1R', 'vehicle.positions.0.side_facing' => true, 'vehicle.positions.0.taken' => true], ['fix mode.front_row_under_13', 'stop place.side_facing', 'fix place.taken'], ['setup.mode']];
        yield 'front row: the law decided' => [self::BOOSTER, ['setup.position' => '1R', 'law' => ['back_row_until_months' => 96], 'vehicle.positions.0.airbag' => false, 'vehicle.positions.1.taken' => true, 'vehicle.positions.2.taken' => true, 'vehicle.positions.3.taken' => true], ['fix mode.front_row_under_13']];
        yield 'front row: a back place that may be free is looked at' => [self::BOOSTER, ['setup.position' => '1R', 'law' => null, 'vehicle.positions.0.airbag' => false, 'vehicle.positions.1.taken' => true, 'vehicle.positions.2.taken' => true, 'vehicle.positions.3.side_facing' => null], ['advise mode.front_row_under_13'], ['vehicle.positions.3.side_facing']];
        yield 'the belt alone, under the law\'s rear-facing age' => [self::BOOSTER, ['setup.mode' => 'belt_only', 'setup.belt_fit' => ['back' => true, 'knees' => true, 'lap' => true, 'shoulder' => true, 'stays' => true], 'child.height' => Cases::q(1450, 'mm'), 'law' => ['rear_facing_until_months' => 120]], ['stop mode.law_rear']];
        yield 'a high back that fits needs no word about itself' => [self::BOOSTER, ['child.height' => Cases::q(50, 'in')], []];
        yield 'back off, and the back does not fit' => [self::BOOSTER, ['setup.mode' => 'backless_booster', 'seat.modes.high_back_booster.height_max' => Cases::q(49, 'in'), 'seat.modes.backless_booster' => ['weight_min' => Cases::q(40, 'lb'), 'weight_max' => Cases::q(100, 'lb'), 'height_max' => Cases::q(57, 'in')]], []];
        yield 'back off early' => [self::BOOSTER, ['setup.mode' => 'backless_booster', 'seat.modes.backless_booster' => ['weight_min' => Cases::q(40, 'lb'), 'weight_max' => Cases::q(100, 'lb'), 'height_max' => Cases::q(57, 'in')]], ['advise mode.back_off_early']];

        $alone = ['setup.mode' => 'belt_only', 'setup.belt_fit' => ['back' => true, 'knees' => true, 'lap' => true, 'shoulder' => true, 'stays' => true], 'child.born_on' => '2016-01-01', 'child.height' => Cases::q(1450, 'mm')];
        yield 'belt alone, all five points at 145 cm' => [self::BOOSTER, $alone, []];
        yield 'belt alone under 145 cm' => [self::BOOSTER, ['child.height' => Cases::q(1449.9, 'mm')] + $alone, ['fix mode.belt_only_early']];
        yield 'belt alone, knees do not bend' => [self::BOOSTER, $alone + ['setup.belt_fit.knees' => false], ['fix mode.belt_only_early']];
        yield 'belt alone, not tested' => [self::BOOSTER, ['setup.belt_fit' => null] + $alone, [], ['setup.belt_fit.back', 'setup.belt_fit.knees', 'setup.belt_fit.lap', 'setup.belt_fit.shoulder', 'setup.belt_fit.stays']];
        yield 'belt alone under the booster law' => [self::BOOSTER, ['law' => ['booster_until_months' => 130]] + $alone, ['fix mode.law_booster']];
        yield 'belt alone: the seat is not judged' => [self::BOOSTER, ['seat' => null] + $alone, []];

        $front = ['setup.position' => '1R', 'vehicle.positions.0.airbag' => false];
        yield 'front row, back free, law says so' => [self::BOOSTER, $front, ['fix mode.front_row_under_13']];
        yield 'front row, nothing free, law silent' => [self::BOOSTER, $front + ['law' => null, 'vehicle.positions.1.taken' => true, 'vehicle.positions.2.taken' => true, 'vehicle.positions.3.taken' => true], ['advise mode.front_row_under_13']];
        yield 'front row, nothing free, by law' => [self::BOOSTER, $front + ['vehicle.positions.1.taken' => true, 'vehicle.positions.2.taken' => true, 'vehicle.positions.3.taken' => true], ['fix mode.front_row_under_13']];
        yield 'front row at thirteen' => [self::BOOSTER, $front + ['child.born_on' => '2013-10-10'], []];
        yield 'front row a day under thirteen' => [self::BOOSTER, $front + ['child.born_on' => '2013-10-11'], ['fix mode.front_row_under_13']];
        yield 'medical needs' => [self::REAR, ['child.special_needs' => true], ['advise child.specialist']];

    }
}
