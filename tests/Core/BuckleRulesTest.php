<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station buckle. Slots at 200, 245, 290, 335 and 380 mm; shoulder at 270 mm rear-facing, 320 mm forward. */
final class BuckleRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {

        yield 'rear: slot below the shoulder' => [self::REAR, self::slot(2), []];
        yield 'rear: slot at the shoulder' => [self::REAR, self::slot(2, ['child.shoulder_height' => Cases::q(245, 'mm')]), []];
        yield 'rear: slot a hair above' => [self::REAR, self::slot(2, ['child.shoulder_height' => Cases::q(244.9, 'mm')]), ['fix harness.height']];
        yield 'rear: slot above' => [self::REAR, self::slot(3), ['fix harness.height']];
        yield 'rear: lower than it need be' => [self::REAR, self::slot(1), ['fix harness.height_far']];
        yield 'rear: right slot forbidden' => [self::REAR, self::slot(2, ['seat.modes.rear_harness.slots_forbidden' => [2]]), ['fix harness.height']];
        yield 'rear: no slot low enough' => [self::REAR, self::slot(1, ['child.shoulder_height' => Cases::q(199, 'mm')]), ['stop mode.outside_limits', 'fix harness.height']];
        yield 'forward: slot at the shoulder' => [self::FORWARD, self::slot(4, ['child.shoulder_height' => Cases::q(335, 'mm')]), []];
        yield 'forward: slot a hair below' => [self::FORWARD, self::slot(4, ['child.shoulder_height' => Cases::q(335.1, 'mm')]), ['fix harness.height']];
        yield 'forward: higher than it need be' => [self::FORWARD, self::slot(5), ['fix harness.height_far']];
        yield 'nz: 25 mm above' => [self::NZ, self::slot(3, ['child.shoulder_height' => Cases::q(265, 'mm')]), []];
        yield 'nz: 25.1 mm above' => [self::NZ, self::slot(3, ['child.shoulder_height' => Cases::q(264.9, 'mm')]), ['stop mode.outside_limits', 'fix harness.height']];
        yield 'nz: level' => [self::NZ, self::slot(3, ['child.shoulder_height' => Cases::q(290, 'mm')]), []];
        yield 'nz: a hair below' => [self::NZ, self::slot(3, ['child.shoulder_height' => Cases::q(290.1, 'mm')]), ['stop mode.outside_limits', 'fix harness.height']];
        yield 'the seat says otherwise' => [self::REAR, self::slot(3, ['seat.strap_rule_rear' => 'level_to_25_above']), []];
        yield 'a measured offset speaks first' => [self::REAR, ['child.shoulder_height' => Cases::q(240, 'mm'), 'setup.harness.slot' => 2, 'setup.harness.strap_offset' => Cases::q(-3, 'mm')], []];
        yield 'a measured offset contradicts slot and shoulder: asked again, neither judged' => [self::REAR, ['setup.harness.strap_offset' => Cases::q(3, 'mm')], [], ['setup.harness.strap_offset', 'setup.harness.slot', 'child.shoulder_height']];
        yield 'a measured offset nearer than another slot would be' => [self::REAR, ['child.shoulder_height' => Cases::q(290, 'mm'), 'setup.harness.slot' => 2, 'setup.harness.strap_offset' => Cases::q(-25, 'mm')], ['fix harness.height_far']];
        yield 'no slots: seen below' => [self::REAR, ['seat.slots' => [], 'setup.harness.strap' => 'below'], []];
        yield 'no slots: seen above' => [self::REAR, ['seat.slots' => [], 'setup.harness.strap' => 'above'], ['fix harness.height']];
        yield 'no slots: not seen' => [self::REAR, ['seat.slots' => [], 'setup.harness.strap' => null], [], ['setup.harness.strap']];
        yield 'no slots, window: seen below is wrong' => [self::NZ, ['seat.slots' => [], 'setup.harness.strap' => 'below', 'setup.harness.strap_offset' => null], ['fix harness.height']];
        yield 'no slots, window: seen at needs a measure' => [self::NZ, ['seat.slots' => [], 'setup.harness.strap' => 'at', 'setup.harness.strap_offset' => null], [], ['setup.harness.strap_offset']];
        yield 'slots unknown' => [self::REAR, ['seat.slots' => null], [], ['seat.slots']];
        yield 'a slot not measured' => [self::REAR, ['seat.slots.4.height' => null], [], ['seat.slots.4.height']];
        yield 'slot in use unknown' => [self::REAR, ['setup.harness.slot' => null], [], ['setup.harness.slot']];
        yield 'shoulder not measured' => [self::REAR, ['child.shoulder_height' => null], [], ['child.shoulder_height']];

        $test = static fn(?string $test, ?bool $passes): array => ['setup.harness.tightness' => ['test' => $test, 'passes' => $passes]];
        yield 'pinch fails' => [self::REAR, $test('pinch', false), ['fix harness.slack']];
        yield 'a wrong test that fails is slack too' => [self::REAR, $test('finger', false), ['fix harness.slack']];
        yield 'a wrong test that passes' => [self::REAR, $test('finger', true), ['ask harness.wrong_test']];
        yield 'nz: a pinch that passes' => [self::NZ, $test('pinch', true), ['ask harness.wrong_test']];
        yield 'the seat asks for one finger' => [self::REAR, $test('finger', true) + ['seat.tightness_test' => 'finger'], []];
        yield 'not tested' => [self::REAR, $test(null, null), [], ['setup.harness.tightness.passes', 'setup.harness.tightness.test']];
        yield 'some test passes' => [self::REAR, $test(null, true), [], ['setup.harness.tightness.test']];

        yield 'clip high' => [self::REAR, ['setup.harness.clip' => 'high'], ['fix harness.clip']];
        yield 'clip low' => [self::REAR, ['setup.harness.clip' => 'low'], ['fix harness.clip']];
        yield 'clip undone' => [self::REAR, ['setup.harness.clip' => 'none'], ['fix harness.clip']];
        yield 'clip not looked at' => [self::REAR, ['setup.harness.clip' => null], [], ['setup.harness.clip']];
        yield 'nz has none' => [self::NZ, ['setup.harness.clip' => null], []];
        yield 'nz with one, high' => [self::NZ, ['setup.harness.clip' => 'high'], ['fix harness.clip']];
        yield 'nz seat with a clip, undone' => [self::NZ, ['seat.chest_clip' => true], ['fix harness.clip']];
        yield 'no standard, clip undone: has it one?' => [self::REAR, ['seat.standards' => null, 'seat.tightness_test' => 'pinch', 'seat.strap_rule_rear' => 'at_or_below', 'setup.harness.clip' => 'none'], [], ['seat.standards', 'seat.chest_clip']];
        yield 'no standard, clip at the armpits' => [self::REAR, ['seat.standards' => null, 'seat.tightness_test' => 'pinch', 'seat.strap_rule_rear' => 'at_or_below'], [], ['seat.standards', 'seat.chest_clip']];
        yield 'no standard, clip high' => [self::REAR, ['seat.standards' => null, 'seat.tightness_test' => 'pinch', 'seat.strap_rule_rear' => 'at_or_below', 'setup.harness.clip' => 'high'], ['fix harness.clip'], ['seat.standards', 'seat.chest_clip']];
        yield 'clip not looked at, on a seat not known to have one' => [self::REAR, ['seat.standards' => null, 'seat.tightness_test' => 'pinch', 'seat.strap_rule_rear' => 'at_or_below', 'setup.harness.clip' => null], [], ['seat.standards', 'seat.chest_clip', 'setup.harness.clip']];
        yield 'clip not looked at, on a seat known to have none' => [self::REAR, ['seat.chest_clip' => false, 'setup.harness.clip' => null], []];
        yield 'booster: bottom away from its back' => [self::BOOSTER, ['setup.booster.slouch' => true], ['fix booster.slouch']];
        yield 'booster: the shoulder part hangs loose' => [self::BOOSTER, ['setup.booster.slack' => true], ['fix booster.slack']];
        yield 'booster: sits well, belt snug' => [self::BOOSTER, ['setup.booster.slouch' => false, 'setup.booster.slack' => false], []];
        yield 'booster: one guide missed' => [self::BOOSTER, ['setup.booster.guides_ok' => false, 'setup.booster.guides_missed' => ['lap_buckle_side']], ['fix booster.guides']];
        yield 'booster: guides missed, all of them named' => [self::BOOSTER, ['setup.booster.guides_ok' => null, 'setup.booster.guides_missed' => ['lap_door_side', 'shoulder']], ['fix booster.guides']];
        yield 'fmvss seat without a clip' => [self::REAR, ['seat.chest_clip' => false, 'setup.harness.clip' => null], []];

        yield 'crotch strap under the child' => [self::REAR, ['setup.harness.crotch.under_child' => true], ['fix harness.crotch']];
        yield 'crotch slot of the other mode' => [self::REAR, ['setup.harness.crotch.slot' => 3], ['fix harness.crotch']];
        yield 'a nearer crotch slot' => [self::REAR, ['setup.harness.crotch.nearest_clear' => false], ['fix harness.crotch']];
        yield 'crotch not looked at' => [self::REAR, ['setup.harness.crotch' => null], [], ['setup.harness.crotch.under_child', 'setup.harness.crotch.slot']];
        foreach (['buckled' => [false, 'not_buckled'], 'hips_snug' => [false, 'hip_slack'], 'too_tight' => [true, 'too_tight'], 'twisted' => [true, 'twist'], 'slouch' => [true, 'slouch'], 'coat' => [true, 'coat'], 'padding' => [true, 'padding'], 'head_support_ok' => [false, 'head_support']] as $fact => [$faulty, $code]) {
            yield "harness {$fact}" => [self::REAR, ["setup.harness.{$fact}" => $faulty], ["fix harness.{$code}"]];
        }
        yield 'strap end loose' => [self::REAR, ['setup.harness.tail_loose' => true], ['advise harness.tail']];
        yield 'the optional ones are not asked' => [self::REAR, ['setup.harness.hips_snug' => null, 'setup.harness.head_support_ok' => null, 'setup.harness.tail_loose' => null, 'setup.harness.crotch.nearest_clear' => null], []];

        yield 'lap part on the belly' => [self::BOOSTER, ['setup.booster.lap' => 'belly'], ['fix booster.lap']];
        yield 'shoulder part at the neck' => [self::BOOSTER, ['setup.booster.shoulder' => 'neck'], ['fix booster.shoulder']];
        yield 'shoulder part off the shoulder' => [self::BOOSTER, ['setup.booster.shoulder' => 'off_shoulder'], ['fix booster.shoulder']];
        yield 'under the arm' => [self::BOOSTER, ['setup.booster.under_arm' => true], ['fix booster.under_arm']];
        yield 'guides' => [self::BOOSTER, ['setup.booster.guides_ok' => false], ['fix booster.guides']];
        yield 'head part' => [self::BOOSTER, ['setup.booster.head_support_ok' => false], ['fix booster.head_support']];
        yield 'ears' => [self::BOOSTER, ['setup.booster.ears_above' => true], ['fix booster.head']];
        yield 'lap belt alone' => [self::BOOSTER, ['vehicle.positions.1.belt' => 'lap'], ['fix place.booster_lap_only', 'fix booster.lap_only']];
        yield 'belt locked' => [self::BOOSTER, ['setup.booster.belt_locked' => true], ['advise booster.belt_locked']];

    }

    /**
     * @param array<string, mixed> $more
     * @return array<string, mixed>
     */
    private static function slot(int $slot, array $more = []): array
    {
        return ['setup.harness.slot' => $slot, 'setup.harness.strap' => null, 'setup.harness.strap_offset' => null] + $more;
    }
}
