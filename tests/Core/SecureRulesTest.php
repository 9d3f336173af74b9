<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station secure. The seat is held by the belt, a switchable retractor locked. */
final class SecureRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {

        $here = 'vehicle.positions.1.';
        $anchors = ['setup.held_by' => 'lower_anchors', 'setup.lock' => null, 'setup.anchor_designated' => true, 'setup.hook_right_way_up' => true];
        yield 'held by unknown' => [self::REAR, ['setup.held_by' => null], [], ['setup.held_by']];
        yield 'nothing holds it' => [self::REAR, ['setup.held_by' => 'nothing'], ['fix secure.nothing']];
        yield 'both, forbidden' => [self::REAR, ['setup.held_by' => 'both'] + $anchors + ['setup.lock' => ['retractor']], ['fix secure.both'], ['setup.lock']];
        yield 'both, one maker unknown' => [self::REAR, ['setup.held_by' => 'both', 'setup.lock' => ['retractor'], 'seat.belt_and_anchors_ok' => true, 'vehicle.belt_and_anchors_ok' => null] + $anchors, [], ['vehicle.belt_and_anchors_ok']];
        yield 'both, both allow' => [self::REAR, ['setup.held_by' => 'both', 'setup.lock' => ['retractor'], 'seat.belt_and_anchors_ok' => true, 'vehicle.belt_and_anchors_ok' => true] + $anchors, []];
        yield 'anchors' => [self::REAR, $anchors, []];
        yield 'booster on anchors, forbidden' => [self::BOOSTER, ['seat.modes.high_back_booster.anchors_allowed' => false] + $anchors, ['fix secure.booster_anchor_not_allowed']];
        yield 'booster on anchors, unknown' => [self::BOOSTER, $anchors, [], ['seat.modes.high_back_booster.anchors_allowed']];
        yield 'booster on anchors, allowed' => [self::BOOSTER, ['seat.modes.high_back_booster.anchors_allowed' => true] + $anchors, []];
        yield 'booster with nothing' => [self::BOOSTER, ['setup.held_by' => 'nothing'], []];
        yield 'wrong path' => [self::REAR, ['setup.belt_path' => 'forward'], ['fix secure.wrong_path']];
        yield 'path unknown' => [self::FORWARD, ['setup.belt_path' => null], [], ['setup.belt_path']];
        yield 'wrong webbing' => [self::REAR, ['seat.modes.rear_harness.webbing' => 'lap', 'setup.webbing' => 'both'], ['fix secure.webbing_path']];
        yield 'webbing unknown' => [self::REAR, ['seat.modes.rear_harness.webbing' => 'lap'], [], ['setup.webbing']];
        yield 'outside the guides' => [self::REAR, ['setup.belt_in_guides' => false], ['fix secure.belt_guides']];

        // child's weight against the printed 40 lb, the vehicle's figure, and 60 lb together less a seat of 20 lb
        yield 'anchors, at the printed figure' => [self::REAR, ['child.weight' => Cases::q(40, 'lb')] + $anchors, []];
        yield 'anchors, over the printed figure' => [self::REAR, ['child.weight' => Cases::q(40.1, 'lb'), 'seat.modes.rear_harness.weight_max' => Cases::q(45, 'lb')] + $anchors, ['fix secure.anchor_overweight']];
        $byWay = ['seat.lower_anchor_child_max' => [['value' => 40, 'unit' => 'lb', 'held_by' => 'lower_anchors'], ['value' => 20, 'unit' => 'lb', 'held_by' => 'both']]];
        yield 'anchors, the figure for the anchors alone' => [self::REAR, $byWay + $anchors, []];
        yield 'both, the figure for both' => [self::REAR, ['setup.held_by' => 'both', 'setup.lock' => ['retractor'], 'seat.belt_and_anchors_ok' => true, 'vehicle.belt_and_anchors_ok' => true] + $byWay + $anchors, ['fix secure.anchor_overweight']];
        yield 'anchors, over the vehicle figure' => [self::REAR, ['vehicle.lower_anchor_child_max' => Cases::q(9, 'kg')] + $anchors, ['fix secure.anchor_overweight']];
        $heavy = ['seat.lower_anchor_child_max' => null, 'seat.made_on' => '2023-03-14', 'seat.modes.rear_harness.weight_max' => Cases::q(50, 'lb')] + $anchors;
        yield 'together 60 lb, rear (49 CFR 571.213 S5.5.2(l))' => [self::REAR, ['child.weight' => Cases::q(40, 'lb')] + $heavy, []];
        yield 'together over 60 lb, rear' => [self::REAR, ['child.weight' => Cases::q(40.1, 'lb')] + $heavy, ['fix secure.anchor_overweight']];
        yield 'anchors, not yet born and not weighed' => [self::REAR, ['child.born_on' => null, 'child.due_on' => '2026-12-01', 'child.weight' => null] + $anchors, [], ['child.born_on']];
        yield 'together, seat weight unknown' => [self::REAR, ['seat.weight' => null] + $heavy, [], ['seat.weight']];
        yield 'made on 26 Feb 2014: ask the manual' => [self::REAR, ['seat.made_on' => '2014-02-26', 'seat.use_until' => '2030', 'seat.life_years' => null] + $heavy, [], ['seat.lower_anchor_child_max']];
        yield 'made on 27 Feb 2014' => [self::REAR, ['seat.made_on' => '2014-02-27', 'seat.use_until' => '2030', 'seat.life_years' => null] + $heavy, []];
        yield 'made in 2014: a year counts from its first day' => [self::REAR, ['seat.made_on' => '2014', 'seat.use_until' => '2030', 'seat.life_years' => null] + $heavy, [], ['seat.lower_anchor_child_max']];
        yield 'the vehicle\'s figure is undecided' => [self::REAR, ['seat.made_on' => '2023', 'vehicle.lower_anchor_child_max' => [Cases::q(65, 'lb'), ['value' => 18, 'unit' => 'lb', 'made_from' => '2023-06-01']]] + array_diff_key($heavy, ['child.weight' => 1, 'seat.weight' => 1]), [], ['seat.made_on']];
        yield 'the seat\'s figure is a list that does not apply: combined' => [self::REAR, ['seat.lower_anchor_child_max' => [['value' => 60, 'unit' => 'lb', 'made_from' => '2030-01-01']], 'seat.weight' => Cases::q(50, 'lb')] + array_diff_key($heavy, ['child.weight' => 1, 'seat.weight' => 1, 'seat.lower_anchor_child_max' => 1]), ['fix secure.anchor_overweight']];
        yield 'nz: label only' => [self::NZ, $heavy, [], ['seat.lower_anchor_child_max']];

        yield 'hooked to a cargo loop' => [self::REAR, ['setup.anchor_designated' => false] + $anchors, ['fix secure.anchor_not_there lower_anchors']];
        yield 'no anchors here' => [self::REAR, [$here . 'lower_anchors' => false] + $anchors, ['fix secure.anchor_not_there lower_anchors']];
        yield 'borrowed, forbidden' => [self::REAR, [$here . 'lower_anchors' => false, 'setup.anchors_borrowed' => true] + $anchors, ['fix secure.anchor_borrowed']];
        yield 'borrowed, allowed by both' => [self::REAR, [$here . 'lower_anchors' => false, 'setup.anchors_borrowed' => true, 'seat.borrow_anchors_ok' => true, 'vehicle.borrow_anchors_ok' => true] + $anchors, []];
        yield 'borrowed, seat unknown' => [self::REAR, ['setup.anchors_borrowed' => true, 'seat.borrow_anchors_ok' => null, 'vehicle.borrow_anchors_ok' => true] + $anchors, [], ['seat.borrow_anchors_ok']];
        yield 'tether on a cargo loop' => [self::FORWARD, ['setup.tether.anchor_designated' => false], ['fix secure.anchor_not_there tether']];
        yield 'hook upside down' => [self::REAR, ['setup.hook_right_way_up' => false] + $anchors, ['fix secure.hook_upside_down lower_anchors']];
        yield 'tether hook upside down' => [self::FORWARD, ['setup.tether.hook_right_way_up' => false], ['fix secure.hook_upside_down tether']];
        yield 'anchors, nothing looked at' => [self::REAR, ['setup.anchor_designated' => null, 'setup.anchors_borrowed' => null, 'setup.hook_right_way_up' => null, $here . 'lower_anchors' => null] + $anchors, [], ['setup.anchor_designated', 'setup.anchors_borrowed', $here . 'lower_anchors', 'setup.hook_right_way_up']];

        yield 'nothing locks' => [self::REAR, self::lock([]), ['fix secure.belt_unlocked']];
        $noWay = ['seat.lockoff' => false, 'seat.clamp_door' => false, $here . 'lower_anchors' => false];
        yield 'nothing locks, no way works, no anchors' => [self::REAR, self::lock([], [$here . 'belt' => 'none'] + $noWay), ['fix place.no_belt', 'fix secure.belt_unlocked']];
        yield 'nothing locks, and what could is not known, no anchors' => [self::REAR, self::lock([], [$here . 'retractor' => null, $here . 'latch_plate' => null] + $noWay), ['fix secure.belt_unlocked'], [$here . 'latch_plate', $here . 'retractor']];
        yield 'both forbidden, a lock-off not known to be there, the retractor cannot lock' => [self::REAR, self::lock(['lockoff', 'retractor'], ['seat.lockoff' => null, 'seat.lock_retractor_too' => 'forbidden', $here . 'retractor' => 'elr']), [], ['seat.lockoff']];
        yield 'both forbidden, no lock-off on this seat, the retractor not known' => [self::REAR, self::lock(['lockoff', 'retractor'], ['seat.lockoff' => false, 'seat.lock_retractor_too' => 'forbidden', $here . 'retractor' => null]), [], [$here . 'retractor']];
        yield 'lock not looked at' => [self::REAR, ['setup.lock' => null], [], ['setup.lock']];
        yield 'an elr retractor locks nothing' => [self::REAR, self::lock(['retractor'], [$here . 'retractor' => 'elr']), ['fix secure.belt_unlocked']];
        yield 'an alr retractor does' => [self::REAR, self::lock(['retractor'], [$here . 'retractor' => 'alr']), []];
        yield 'a sliding plate locks nothing' => [self::REAR, self::lock(['latch_plate']), ['fix secure.belt_unlocked']];
        yield 'a locking plate does' => [self::REAR, self::lock(['latch_plate'], [$here . 'latch_plate' => 'locking']), []];
        yield 'a switched plate does' => [self::REAR, self::lock(['latch_plate'], [$here . 'latch_plate' => 'switch']), []];
        yield 'a sewn plate does not' => [self::REAR, self::lock(['latch_plate'], [$here . 'latch_plate' => 'sewn']), ['fix secure.belt_unlocked']];
        yield 'plate unknown' => [self::REAR, self::lock(['latch_plate'], [$here . 'latch_plate' => null]), [], [$here . 'latch_plate']];
        yield 'no lock-off on this seat' => [self::REAR, self::lock(['lockoff']), ['fix secure.belt_unlocked']];
        yield 'lock-off' => [self::REAR, self::lock(['lockoff'], ['seat.lockoff' => true]), []];
        yield 'lock-off unknown' => [self::REAR, self::lock(['lockoff'], ['seat.lockoff' => null]), [], ['seat.lockoff']];
        yield 'one works, the other is unknown' => [self::REAR, self::lock(['retractor', 'lockoff'], ['seat.lockoff' => null]), []];
        yield 'retractor wanted too and cannot' => [self::REAR, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required', $here . 'retractor' => 'elr']), ['fix secure.belt_unlocked']];
        yield 'retractor wanted too and free' => [self::REAR, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required']), ['fix secure.double_lock']];
        yield 'retractor wanted too, unknown whether it can' => [self::REAR, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required', $here . 'retractor' => null]), [], [$here . 'retractor']];
        yield 'retractor wanted too, door closed, retractor cannot' => [self::REAR, self::lock(['clamp_door'], ['seat.clamp_door' => true, 'setup.clamp_door_closed' => true, 'seat.lock_retractor_too' => 'required', $here . 'retractor' => 'elr']), ['fix secure.belt_unlocked']];
        yield 'both wanted, only the retractor' => [self::REAR, self::lock(['retractor'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required']), ['fix secure.double_lock']];
        yield 'both wanted, only the retractor, a door' => [self::REAR, self::lock(['retractor'], ['seat.clamp_door' => true, 'seat.lock_retractor_too' => 'required']), ['fix secure.double_lock']];
        yield 'both wanted, but the seat has neither' => [self::REAR, self::lock(['retractor'], ['seat.lock_retractor_too' => 'required']), []];
        yield 'both wanted, both on' => [self::REAR, self::lock(['lockoff', 'retractor'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required']), []];
        yield 'no belt here after all' => [self::REAR, [$here . 'belt' => 'none'], ['fix secure.belt_unlocked']];
        yield 'both wanted, the retractor and a door that the seat has not: its lock-off is left open' => [self::REAR, self::lock(['clamp_door', 'retractor'], ['seat.lockoff' => true, 'seat.clamp_door' => false, 'seat.lock_retractor_too' => 'required']), ['fix secure.double_lock']];
        yield 'both forbidden, the retractor and a door that the seat has not' => [self::REAR, self::lock(['clamp_door', 'retractor'], ['seat.lockoff' => true, 'seat.clamp_door' => false, 'seat.lock_retractor_too' => 'forbidden']), []];
        yield 'both forbidden, both on' => [self::REAR, self::lock(['lockoff', 'retractor'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden']), ['fix secure.double_lock']];
        yield 'both forbidden, a door and the retractor' => [self::REAR, self::lock(['clamp_door', 'retractor'], ['seat.clamp_door' => true, 'setup.clamp_door_closed' => true, 'seat.lock_retractor_too' => 'forbidden']), ['fix secure.double_lock']];
        yield 'both forbidden, only the lock-off' => [self::REAR, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden']), []];
        yield 'both forbidden, only the retractor' => [self::REAR, self::lock(['retractor'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden']), []];
        yield 'both forbidden, both on, retractor unknown' => [self::REAR, self::lock(['lockoff', 'retractor'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden', $here . 'retractor' => null]), [], [$here . 'retractor']];
        yield 'both forbidden, the retractor cannot lock' => [self::REAR, self::lock(['lockoff', 'retractor'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden', $here . 'retractor' => 'elr']), []];
        yield 'lock-off on the wrong side' => [self::REAR, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lockoff_use' => 'buckle_side', 'setup.lockoff_used' => 'both']), ['fix secure.lockoff_wrong']];
        yield 'lock-off side unknown' => [self::REAR, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lockoff_use' => 'buckle_side']), [], ['setup.lockoff_used']];
        yield 'clamp door open' => [self::REAR, self::lock(['clamp_door'], ['seat.clamp_door' => true, 'setup.clamp_door_closed' => false]), ['fix secure.door_open']];
        yield 'clamp door not looked at' => [self::REAR, self::lock(['clamp_door'], ['seat.clamp_door' => true]), [], ['setup.clamp_door_closed']];

        yield 'clip at an inch' => [self::REAR, self::clip([]), []];
        yield 'clip beyond an inch' => [self::REAR, self::clip(['setup.clip_distance' => Cases::q(25.5, 'mm')]), ['fix secure.clip_far']];
        yield 'clip, the seat allows an inch and a half' => [self::REAR, self::clip(['setup.clip_distance' => Cases::q(38.1, 'mm'), 'seat.clip_distance_max' => Cases::q(1.5, 'in')]), []];
        $undecided = ['seat.made_on' => '2023', 'seat.clip_distance_max' => [Cases::q(1, 'in'), ['value' => 2, 'unit' => 'in', 'made_from' => '2023-06-01']]];
        yield 'clip, the seat\'s figure undecided' => [self::REAR, self::clip(['setup.clip_distance' => Cases::q(1.5, 'in')] + $undecided), [], ['seat.made_on']];
        yield 'clip beyond whichever figure holds' => [self::REAR, self::clip(['setup.clip_distance' => Cases::q(2.5, 'in')] + $undecided), ['fix secure.clip_far']];
        yield 'clip at 10 mm, nz' => [self::NZ, self::clip(['setup.clip_distance' => Cases::q(10, 'mm')]), []];
        yield 'clip at 10.1 mm, nz' => [self::NZ, self::clip(['setup.clip_distance' => Cases::q(10.1, 'mm')]), ['fix secure.clip_far']];
        yield 'clip on three prongs' => [self::REAR, self::clip(['setup.clip_prongs' => 3]), ['fix secure.clip_prongs']];
        yield 'clip on one prong' => [self::REAR, self::clip(['setup.clip_prongs' => 1]), ['fix secure.clip_prongs']];
        yield 'clip on two prongs' => [self::REAR, self::clip(['setup.clip_prongs' => 2]), ['fix secure.clip_prongs']];
        yield 'clip not measured' => [self::REAR, self::clip(['setup.clip_distance' => null, 'setup.clip_prongs' => null]), [], ['setup.clip_distance', 'setup.clip_prongs']];
        yield 'clip on a lap belt' => [self::REAR, self::clip([$here . 'belt' => 'lap']), ['fix secure.belt_unlocked']];
        yield 'clip with a retractor said to be locked, not known' => [self::REAR, self::clip(['setup.lock' => ['clip', 'retractor'], $here . 'retractor' => null]), [], [$here . 'retractor']];
        yield 'clip where the plate is not known' => [self::REAR, self::clip([$here . 'latch_plate' => null]), [], [$here . 'latch_plate']];
        yield 'clip where the belt is not known' => [self::REAR, self::clip([$here . 'belt' => null]), [], [$here . 'belt']];
        yield 'clip on a locking plate' => [self::REAR, self::clip([$here . 'latch_plate' => 'locking']), ['fix secure.belt_unlocked']];
        yield 'a clamp door that is not known to be there' => [self::REAR, self::lock(['clamp_door'], ['seat.clamp_door' => null, 'setup.clamp_door_closed' => true]), [], ['seat.clamp_door']];
        yield 'clip with the retractor locked' => [self::REAR, self::clip(['setup.lock' => ['clip', 'retractor'], $here . 'retractor' => 'switchable']), ['fix secure.clip_with_lock']];

        yield 'twisted' => [self::REAR, ['setup.twisted' => true], ['fix secure.twist']];
        yield 'strap trapped' => [self::REAR, ['setup.strap_trapped' => true], ['fix secure.strap_trapped']];
        yield 'three turns' => [self::REAR, ['setup.buckle_turns' => 3], []];
        yield 'three and a half turns' => [self::REAR, ['setup.buckle_turns' => 3.5], ['fix secure.buckle_turns']];
        yield 'half a turn where the vehicle forbids it' => [self::REAR, ['setup.buckle_turns' => 0.5, 'vehicle.buckle_turns_ok' => false], ['fix secure.buckle_turns']];
        yield 'a turn, leave unknown' => [self::REAR, ['setup.buckle_turns' => 1, 'vehicle.buckle_turns_ok' => null], [], ['vehicle.buckle_turns_ok']];
        yield 'buckle in the path' => [self::REAR, ['setup.buckle_in_path' => true], ['fix secure.buckle_in_path']];
        yield 'inflatable belt' => [self::REAR, [$here . 'inflatable_belt' => true], ['fix secure.inflatable_belt']];
        yield 'inflatable belt, maker unknown' => [self::REAR, [$here . 'inflatable_belt' => true, 'seat.inflatable_belt_ok' => null], [], ['seat.inflatable_belt_ok']];
        yield 'shell not locked' => [self::REAR, ['seat.detachable' => true, 'setup.shell_locked' => false], ['fix secure.shell_unlocked']];
        yield 'shell not looked at' => [self::REAR, ['seat.detachable' => true], [], ['setup.shell_locked']];
        yield 'without base, forbidden' => [self::REAR, ['seat.detachable' => true, 'seat.baseless' => 'forbidden', 'setup.base' => 'none'], ['fix secure.baseless_not_allowed']];
        yield 'without base, allowed' => [self::REAR, ['seat.detachable' => true, 'seat.baseless' => 'allowed', 'setup.base' => 'none'], []];
        yield 'without base, the maker not asked' => [self::REAR, ['seat.detachable' => true, 'setup.base' => 'none'], [], ['seat.baseless']];
        yield 'without a base, and its maker\'s word is not known' => [self::REAR, ['setup.base' => 'none'], [], ['seat.baseless']];
        yield 'a booster\'s clamp door is never asked about' => [self::BOOSTER, ['setup.lock' => ['clamp_door'], 'seat.clamp_door' => true], []];
        yield 'a booster\'s clamp door stands open' => [self::BOOSTER, ['seat.clamp_door' => null, 'setup.clamp_door_closed' => false], ['fix secure.door_open']];
        yield 'a clamp door open while the retractor locks' => [self::REAR, ['setup.clamp_door_closed' => false, 'seat.clamp_door' => true], ['fix secure.door_open']];
        yield 'a clamp door open, on a seat that has none' => [self::REAR, ['setup.clamp_door_closed' => false, 'seat.clamp_door' => false], []];
        yield 'a clamp door open while the anchors hold' => [self::REAR, ['setup.clamp_door_closed' => false, 'seat.clamp_door' => true, 'setup.held_by' => 'lower_anchors', 'setup.anchor_designated' => true, 'setup.hook_right_way_up' => true], []];
        yield 'lock-off and retractor claimed: what the maker says of both' => [self::REAR, ['seat.lockoff' => true, 'seat.lock_retractor_too' => null, 'setup.lock' => ['lockoff', 'retractor']], [], ['seat.lock_retractor_too']];
        yield 'lock-off claimed with the retractor on a seat not known to have one' => [self::REAR, ['seat.lockoff' => null, 'seat.lock_retractor_too' => 'forbidden', 'setup.lock' => ['lockoff', 'retractor']], [], ['seat.lockoff']];
        yield 'lock-off claimed with the retractor on a seat that has none' => [self::REAR, ['seat.lockoff' => false, 'seat.lock_retractor_too' => 'forbidden', 'setup.lock' => ['lockoff', 'retractor']], []];
        yield 'both forbidden, and the retractor always locks' => [self::REAR, ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden', 'vehicle.positions.1.retractor' => 'alr', 'setup.lock' => ['lockoff']], ['fix secure.belt_unlocked']];
        yield 'a lock-off that stays on the base' => [self::REAR, ['seat.lockoff' => true, 'seat.lockoff_on' => 'base', 'seat.baseless' => 'allowed', 'setup.base' => 'none', 'setup.lock' => ['lockoff']], ['fix secure.belt_unlocked']];
        yield 'a lock-off that sits on shell or base: which' => [self::REAR, ['seat.lockoff' => true, 'seat.baseless' => 'allowed', 'setup.base' => 'none', 'setup.lock' => ['lockoff']], [], ['seat.lockoff_on']];
        yield 'without base its own webbing rule' => [self::REAR, ['seat.baseless' => 'allowed', 'seat.baseless_webbing' => 'both', 'setup.base' => 'none', 'setup.webbing' => 'lap', 'seat.modes.rear_harness.webbing' => 'lap'], ['fix secure.webbing_path']];
        yield 'shell not locked, not known to lift off' => [self::REAR, ['setup.shell_locked' => false], ['fix secure.shell_unlocked']];
        yield 'shell not locked, in booster mode' => [self::BOOSTER, ['setup.shell_locked' => false], ['fix secure.shell_unlocked']];
        yield 'shell not locked, without base' => [self::REAR, ['setup.shell_locked' => false, 'setup.base' => 'none', 'seat.baseless' => 'allowed'], []];
        yield 'a shell that turns' => [self::REAR, ['seat.turns' => true], [], ['setup.shell_locked']];
        yield 'clip on a switchable retractor left free' => [self::REAR, ['setup.lock' => ['clip'], 'setup.clip_distance' => Cases::q(10, 'mm'), 'setup.clip_prongs' => 4], []];
        yield 'clip on a retractor that always locks' => [self::REAR, ['setup.lock' => ['clip'], 'vehicle.positions.1.retractor' => 'alr', 'setup.clip_distance' => Cases::q(10, 'mm'), 'setup.clip_prongs' => 4], ['fix secure.belt_unlocked']];
        yield 'clip and retractor on one that always locks' => [self::REAR, ['setup.lock' => ['clip', 'retractor'], 'vehicle.positions.1.retractor' => 'alr', 'setup.clip_distance' => Cases::q(10, 'mm'), 'setup.clip_prongs' => 4], ['fix secure.clip_with_lock']];
        yield 'lock-off on a retractor that cannot lock, though both are wanted' => [self::REAR, ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required', 'vehicle.positions.1.retractor' => 'elr', 'setup.lock' => ['lockoff']], ['fix secure.belt_unlocked']];
        yield 'the seat is as heavy as both may be' => [self::REAR, ['seat.lower_anchor_child_max' => null, 'seat.weight' => Cases::q(65, 'lb')] + array_diff_key($heavy, ['child.weight' => 1, 'seat.weight' => 1, 'seat.lower_anchor_child_max' => 1]), ['fix secure.anchor_overweight']];
        yield 'a booster is not judged by a tether' => [self::BOOSTER, ['setup.tether' => ['used' => true, 'twisted' => true, 'hook_right_way_up' => false]], []];
        yield 'base not looked at' => [self::REAR, ['seat.baseless' => 'allowed'], [], ['setup.base']];
        yield 'straps hang loose' => [self::REAR, ['setup.unused_straps_stowed' => false], ['fix secure.straps_not_stowed']];
        yield 'strap end' => [self::REAR, ['setup.anchor_tail_loose' => true], ['advise secure.tail']];
        yield 'empty booster' => [self::BOOSTER, ['setup.empty_booster_buckled' => false], ['advise secure.booster_not_parked']];

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
