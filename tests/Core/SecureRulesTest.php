<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station secure. The seat is held by the belt, a switchable retractor locked. */
final class SecureRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {
        $rear = Cases::REAR;
        $forward = Cases::FORWARD;
        $nz = Cases::NZ;
        $booster = Cases::BOOSTER;
        $q = Cases::q(...);

        $here = 'vehicle.positions.1.';
        $anchors = ['setup.held_by' => 'lower_anchors', 'setup.lock' => null, 'setup.anchor_designated' => true, 'setup.hook_right_way_up' => true];
        yield 'held by unknown' => [$rear, ['setup.held_by' => null], [], ['setup.held_by']];
        yield 'nothing holds it' => [$rear, ['setup.held_by' => 'nothing'], ['fix secure.nothing']];
        yield 'both, forbidden' => [$rear, ['setup.held_by' => 'both'] + $anchors + ['setup.lock' => ['retractor']], ['fix secure.both'], ['setup.lock']];
        yield 'both, one maker unknown' => [$rear, ['setup.held_by' => 'both', 'setup.lock' => ['retractor'], 'seat.belt_and_anchors_ok' => true, 'vehicle.belt_and_anchors_ok' => null] + $anchors, [], ['vehicle.belt_and_anchors_ok']];
        yield 'both, both allow' => [$rear, ['setup.held_by' => 'both', 'setup.lock' => ['retractor'], 'seat.belt_and_anchors_ok' => true, 'vehicle.belt_and_anchors_ok' => true] + $anchors, []];
        yield 'anchors' => [$rear, $anchors, []];
        yield 'booster on anchors, forbidden' => [$booster, ['seat.modes.high_back_booster.anchors_allowed' => false] + $anchors, ['fix secure.booster_anchor_not_allowed']];
        yield 'booster on anchors, unknown' => [$booster, $anchors, [], ['seat.modes.high_back_booster.anchors_allowed']];
        yield 'booster on anchors, allowed' => [$booster, ['seat.modes.high_back_booster.anchors_allowed' => true] + $anchors, []];
        yield 'booster with nothing' => [$booster, ['setup.held_by' => 'nothing'], []];
        yield 'wrong path' => [$rear, ['setup.belt_path' => 'forward'], ['fix secure.wrong_path']];
        yield 'path unknown' => [$forward, ['setup.belt_path' => null], [], ['setup.belt_path']];
        yield 'wrong webbing' => [$rear, ['seat.modes.rear_harness.webbing' => 'lap', 'setup.webbing' => 'both'], ['fix secure.webbing_path']];
        yield 'webbing unknown' => [$rear, ['seat.modes.rear_harness.webbing' => 'lap'], [], ['setup.webbing']];
        yield 'outside the guides' => [$rear, ['setup.belt_in_guides' => false], ['fix secure.belt_guides']];

        // child's weight against the printed 40 lb, the vehicle's figure, and 60 lb together less a seat of 20 lb
        yield 'anchors, at the printed figure' => [$rear, ['child.weight' => $q(40, 'lb')] + $anchors, []];
        yield 'anchors, over the printed figure' => [$rear, ['child.weight' => $q(40.1, 'lb'), 'seat.modes.rear_harness.weight_max' => $q(45, 'lb')] + $anchors, ['fix secure.anchor_overweight']];
        yield 'anchors, over the vehicle figure' => [$rear, ['vehicle.lower_anchor_child_max' => $q(9, 'kg')] + $anchors, ['fix secure.anchor_overweight']];
        $heavy = ['seat.lower_anchor_child_max' => null, 'seat.made_on' => '2023-03-14', 'seat.modes.rear_harness.weight_max' => $q(50, 'lb')] + $anchors;
        yield 'together 60 lb, rear (49 CFR 571.213 S5.5.2(l))' => [$rear, ['child.weight' => $q(40, 'lb')] + $heavy, []];
        yield 'together over 60 lb, rear' => [$rear, ['child.weight' => $q(40.1, 'lb')] + $heavy, ['fix secure.anchor_overweight']];
        yield 'together, seat weight unknown' => [$rear, ['seat.weight' => null] + $heavy, [], ['seat.weight']];
        yield 'made on 26 Feb 2014: ask the manual' => [$rear, ['seat.made_on' => '2014-02-26', 'seat.use_until' => '2030', 'seat.life_years' => null] + $heavy, [], ['seat.lower_anchor_child_max']];
        yield 'made on 27 Feb 2014' => [$rear, ['seat.made_on' => '2014-02-27', 'seat.use_until' => '2030', 'seat.life_years' => null] + $heavy, []];
        yield 'made in 2014: which day' => [$rear, ['seat.made_on' => '2014', 'seat.use_until' => '2030', 'seat.life_years' => null] + $heavy, [], ['seat.made_on']];
        yield 'nz: label only' => [$nz, $heavy, [], ['seat.lower_anchor_child_max']];

        yield 'hooked to a cargo loop' => [$rear, ['setup.anchor_designated' => false] + $anchors, ['fix secure.anchor_not_there lower_anchors']];
        yield 'no anchors here' => [$rear, [$here . 'lower_anchors' => false] + $anchors, ['fix secure.anchor_not_there lower_anchors']];
        yield 'borrowed, forbidden' => [$rear, [$here . 'lower_anchors' => false, 'setup.anchors_borrowed' => true] + $anchors, ['fix secure.anchor_borrowed']];
        yield 'borrowed, allowed by both' => [$rear, [$here . 'lower_anchors' => false, 'setup.anchors_borrowed' => true, 'seat.borrow_anchors_ok' => true, 'vehicle.borrow_anchors_ok' => true] + $anchors, []];
        yield 'borrowed, seat unknown' => [$rear, ['setup.anchors_borrowed' => true, 'seat.borrow_anchors_ok' => null, 'vehicle.borrow_anchors_ok' => true] + $anchors, [], ['seat.borrow_anchors_ok']];
        yield 'tether on a cargo loop' => [$forward, ['setup.tether.anchor_designated' => false], ['fix secure.anchor_not_there tether']];
        yield 'hook upside down' => [$rear, ['setup.hook_right_way_up' => false] + $anchors, ['fix secure.hook_upside_down lower_anchors']];
        yield 'tether hook upside down' => [$forward, ['setup.tether.hook_right_way_up' => false], ['fix secure.hook_upside_down tether']];
        yield 'anchors, nothing looked at' => [$rear, ['setup.anchor_designated' => null, 'setup.anchors_borrowed' => null, 'setup.hook_right_way_up' => null, $here . 'lower_anchors' => null] + $anchors, [], ['setup.anchor_designated', 'setup.anchors_borrowed', $here . 'lower_anchors', 'setup.hook_right_way_up']];

        yield 'nothing locks' => [$rear, self::lock([]), ['fix secure.belt_unlocked']];
        yield 'lock not looked at' => [$rear, ['setup.lock' => null], [], ['setup.lock']];
        yield 'an elr retractor locks nothing' => [$rear, self::lock(['retractor'], [$here . 'retractor' => 'elr']), ['fix secure.belt_unlocked']];
        yield 'an alr retractor does' => [$rear, self::lock(['retractor'], [$here . 'retractor' => 'alr']), []];
        yield 'a sliding plate locks nothing' => [$rear, self::lock(['latch_plate']), ['fix secure.belt_unlocked']];
        yield 'a locking plate does' => [$rear, self::lock(['latch_plate'], [$here . 'latch_plate' => 'locking']), []];
        yield 'a switched plate does' => [$rear, self::lock(['latch_plate'], [$here . 'latch_plate' => 'switch']), []];
        yield 'a sewn plate does not' => [$rear, self::lock(['latch_plate'], [$here . 'latch_plate' => 'sewn']), ['fix secure.belt_unlocked']];
        yield 'plate unknown' => [$rear, self::lock(['latch_plate'], [$here . 'latch_plate' => null]), [], [$here . 'latch_plate']];
        yield 'no lock-off on this seat' => [$rear, self::lock(['lockoff']), ['fix secure.belt_unlocked']];
        yield 'lock-off' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => true]), []];
        yield 'lock-off unknown' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => null]), [], ['seat.lockoff']];
        yield 'one works, the other is unknown' => [$rear, self::lock(['retractor', 'lockoff'], ['seat.lockoff' => null]), []];
        yield 'retractor wanted too and cannot' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required', $here . 'retractor' => 'elr']), ['fix secure.belt_unlocked']];
        yield 'retractor wanted too and free' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required']), ['fix secure.double_lock']];
        yield 'both forbidden, both on' => [$rear, self::lock(['lockoff', 'retractor'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden']), ['fix secure.double_lock']];
        yield 'both forbidden, the retractor cannot lock' => [$rear, self::lock(['lockoff', 'retractor'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden', $here . 'retractor' => 'elr']), []];
        yield 'lock-off on the wrong side' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lockoff_use' => 'buckle_side', 'setup.lockoff_used' => 'both']), ['fix secure.lockoff_wrong']];
        yield 'lock-off side unknown' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lockoff_use' => 'buckle_side']), [], ['setup.lockoff_used']];
        yield 'tension door open' => [$rear, self::lock(['tension_door'], ['seat.tension_door' => true, 'setup.tension_door_closed' => false]), ['fix secure.door_open']];
        yield 'tension door not looked at' => [$rear, self::lock(['tension_door'], ['seat.tension_door' => true]), [], ['setup.tension_door_closed']];

        yield 'clip at an inch' => [$rear, self::clip([]), []];
        yield 'clip beyond an inch' => [$rear, self::clip(['setup.clip_distance' => $q(25.5, 'mm')]), ['fix secure.clip_far']];
        yield 'clip, the seat allows an inch and a half' => [$rear, self::clip(['setup.clip_distance' => $q(38.1, 'mm'), 'seat.clip_distance_max' => $q(1.5, 'in')]), []];
        yield 'clip at 10 mm, nz' => [$nz, self::clip(['setup.clip_distance' => $q(10, 'mm')]), []];
        yield 'clip at 10.1 mm, nz' => [$nz, self::clip(['setup.clip_distance' => $q(10.1, 'mm')]), ['fix secure.clip_far']];
        yield 'clip on three prongs' => [$rear, self::clip(['setup.clip_prongs' => 3]), ['fix secure.clip_prongs']];
        yield 'clip not measured' => [$rear, self::clip(['setup.clip_distance' => null, 'setup.clip_prongs' => null]), [], ['setup.clip_distance', 'setup.clip_prongs']];
        yield 'clip on a lap belt' => [$rear, self::clip([$here . 'belt' => 'lap']), ['fix secure.belt_unlocked']];
        yield 'clip with the retractor locked' => [$rear, self::clip(['setup.lock' => ['clip', 'retractor'], $here . 'retractor' => 'switchable']), ['fix secure.clip_with_lock']];

        yield 'twisted' => [$rear, ['setup.twisted' => true], ['fix secure.twist']];
        yield 'strap trapped' => [$rear, ['setup.strap_trapped' => true], ['fix secure.strap_trapped']];
        yield 'three turns' => [$rear, ['setup.buckle_turns' => 3], []];
        yield 'three and a half turns' => [$rear, ['setup.buckle_turns' => 3.5], ['fix secure.buckle_turns']];
        yield 'half a turn where the vehicle forbids it' => [$rear, ['setup.buckle_turns' => 0.5, 'vehicle.buckle_turns_ok' => false], ['fix secure.buckle_turns']];
        yield 'a turn, leave unknown' => [$rear, ['setup.buckle_turns' => 1, 'vehicle.buckle_turns_ok' => null], [], ['vehicle.buckle_turns_ok']];
        yield 'buckle in the path' => [$rear, ['setup.buckle_in_path' => true], ['fix secure.buckle_in_path']];
        yield 'inflatable belt' => [$rear, [$here . 'inflatable_belt' => true], ['fix secure.inflatable_belt']];
        yield 'inflatable belt, maker unknown' => [$rear, [$here . 'inflatable_belt' => true, 'seat.inflatable_belt_ok' => null], [], ['seat.inflatable_belt_ok']];
        yield 'shell not locked' => [$rear, ['seat.detachable' => true, 'setup.shell_locked' => false], ['fix secure.shell_unlocked']];
        yield 'shell not looked at' => [$rear, ['seat.detachable' => true], [], ['setup.shell_locked']];
        yield 'without base, forbidden' => [$rear, ['seat.detachable' => true, 'seat.baseless' => 'forbidden', 'setup.base' => 'none'], ['fix secure.baseless_not_allowed']];
        yield 'without base, allowed' => [$rear, ['seat.detachable' => true, 'seat.baseless' => 'allowed', 'setup.base' => 'none'], []];
        yield 'base not looked at' => [$rear, ['seat.baseless' => 'allowed'], [], ['setup.base']];
        yield 'straps hang loose' => [$rear, ['setup.unused_straps_stowed' => false], ['fix secure.straps_not_stowed']];
        yield 'strap end' => [$rear, ['setup.anchor_tail_loose' => true], ['advise secure.tail']];
        yield 'empty booster' => [$booster, ['setup.empty_booster_buckled' => false], ['advise secure.booster_not_parked']];

    }

    /**
     * @param list<string> $locks
     * @param array<string, mixed> $more
     * @return array<string, mixed>
     */
    private static function lock(array $locks, array $more = []): array
    {
        return ['setup.lock' => $locks] + $more;
    }

    /**
     * @param array<string, mixed> $more
     * @return array<string, mixed>
     */
    private static function clip(array $more): array
    {
        return $more + ['setup.lock' => ['clip'], 'vehicle.positions.1.retractor' => 'elr', 'setup.clip_distance' => Cases::q(1, 'in'), 'setup.clip_prongs' => 4];
    }
}
