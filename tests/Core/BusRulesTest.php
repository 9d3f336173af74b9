<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Finding\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;

/** A place on a school bus: every code under, on and over its edge, every question, and what of the car's rules stays silent. Common practice where no source is named. */
final class BusRulesTest extends RulesTestCase
{
    /** A forward-facing harness seat belted to a bench. */
    private const BELTED = [
        'seat.tether_forward_required' => false, 'setup.mode' => 'forward_harness', 'bus.system' => 'forward_harness', 'bus.held_by' => ['belt'],
        'bus.wrap' => null, 'bus.bench.belt' => 'lap_shoulder', 'bus.bench.belt_condition' => 'sound', 'bus.bench.buckle_end' => ['value' => 1, 'unit' => 'in'],
        'bus.bench.lower_anchors' => true, 'setup.wedge' => 'none',
    ];

    private const BOOSTER_MODE = ['weight_min' => ['value' => 40, 'unit' => 'lb'], 'weight_max' => ['value' => 100, 'unit' => 'lb'], 'height_max' => ['value' => 57, 'unit' => 'in'], 'height_min' => ['value' => 38, 'unit' => 'in']];

    private const BOOSTER_SECTION = ['lap' => 'thighs', 'shoulder' => 'mid_chest', 'under_arm' => false, 'guides_ok' => true, 'head_support_ok' => true, 'ears_above' => false];

    /** A booster on a bench with a lap and shoulder belt. */
    private const BOOSTED = [
        'seat.modes' => ['high_back_booster' => self::BOOSTER_MODE], 'setup.mode' => 'high_back_booster', 'setup.booster' => self::BOOSTER_SECTION, 'bus.system' => 'booster',
        'child.born_on' => '2019-05-20', 'child.weight' => ['value' => 50, 'unit' => 'lb'], 'child.height' => ['value' => 46, 'unit' => 'in'],
    ] + self::BELTED;

    /** Nothing of its own keeps a school child of just 40 lb. */
    private const NONE = [
        'seat' => null, 'setup' => null, 'bus.system' => 'none', 'bus.held_by' => [], 'bus.wrap' => null, 'bus.vest' => null,
        'child.born_on' => '2021-10-10', 'child.weight' => ['value' => 40, 'unit' => 'lb'],
    ];

    /** @return array{value: int|float, unit: string} */
    private static function q(int|float $value, string $unit): array
    {
        return Cases::q($value, $unit);
    }

    public static function cases(): iterable
    {
        $vest = Cases::BUS_VEST;
        $rear = Cases::BUS_REAR;
        $addon = Cases::BUS_ADDON;

        yield 'rear-facing on lower anchors, good' => [$rear, [], []];
        yield 'add-on under a wrap, good' => [$addon, [], []];
        yield 'vest under a wrap, good' => [$vest, [], []];
        yield 'vest: of the set-up it needs the way of riding alone' => [$vest, ['setup' => ['mode' => 'forward_harness']], []];
        yield 'vest: nothing of its seat that a shell would have' => [$vest, ['setup' => ['mode' => 'forward_harness'], 'seat.slots' => null, 'seat.chest_clip' => null, 'seat.overhang_max' => null, 'seat.base_length' => null, 'seat.wedge_ok' => null, 'child.shoulder_height' => null], []];
        yield 'forward-facing by the belt, good' => [$addon, self::BELTED, []];
        yield 'built in, good, no movement asked' => [$addon, ['bus.system' => 'integrated', 'bus.held_by' => ['bench'], 'bus.wrap' => null, 'setup.movement' => ['at_belt_path' => null], 'setup.overhang' => null, 'setup.wedge' => null], []];
        yield 'add-on: movement is asked' => [$addon, ['setup.movement' => ['at_belt_path' => true]], [], ['setup.movement.side', 'setup.movement.front']];
        yield 'booster, good' => [$addon, self::BOOSTED, []];
        yield 'nobody needs anything at five years and 40 lb' => [$vest, self::NONE, []];

        yield 'system not chosen' => [$rear, ['bus.system' => null, 'setup.mode' => null], [], ['setup.mode', 'bus.system']];
        yield 'system not chosen, but the way of riding can be one alone' => [$rear, ['bus.system' => null, 'bus.tether_used' => true], ['fix bus.tether_used'], ['bus.system']];
        yield 'set-up not begun' => [$vest, ['setup' => null], [], ['setup']];
        yield 'way of riding not said' => [$vest, ['setup' => ['mode' => null]], [], ['setup.mode']];
        yield 'no seat' => [$rear, ['seat' => null], [], ['seat']];

        yield 'under school age' => [$vest, ['child.born_on' => '2021-10-11'] + self::NONE, ['fix bus.unrestrained']];
        yield 'under 40 lb' => [$vest, ['child.weight' => self::q(39.99, 'lb')] + self::NONE, ['fix bus.unrestrained']];
        yield 'under 40 lb in kilograms' => [$vest, ['child.weight' => self::q(18.14, 'kg')] + self::NONE, ['fix bus.unrestrained']];
        yield 'neither known' => [$vest, ['child.born_on' => null, 'child.weight' => null] + self::NONE, [], ['child.born_on', 'child.weight']];
        yield 'old enough, weight not known' => [$vest, ['child.weight' => null] + self::NONE, [], ['child.weight']];
        yield 'heavy enough, age not known' => [$vest, ['child.born_on' => null] + self::NONE, [], ['child.born_on']];
        yield 'light, age not known' => [$vest, ['child.born_on' => null, 'child.weight' => self::q(39, 'lb')] + self::NONE, ['fix bus.unrestrained'], ['child.born_on']];
        yield 'none: any place and an exit row are no fault' => [$vest, ['bus.bench.exit' => true, 'bus.place' => 'aisle', 'bus.tether_used' => true, 'bus.touches_front' => 'pressed'] + self::NONE, []];
        yield 'none, on its own belt' => [$vest, ['bus.held_by' => ['belt'], 'bus.bench.belt' => 'lap', 'bus.bench.belt_condition' => 'knotted', 'bus.bench.buckle_end' => self::q(2, 'in')] + self::NONE, ['stop bus.belt_altered']];
        yield 'none: the belt-only rules of the car are silent' => ['bus-u-40-lb', ['setup.belt_fit' => array_fill_keys(['back', 'knees', 'lap', 'shoulder', 'stays'], false), 'law.booster_until_months' => 120], []];

        foreach (['bus.place' => 'bus.place', 'bus.bench.exit' => 'bus.bench.exit', 'bus.held_by' => 'bus.held_by', 'bus.slouch' => 'bus.slouch', 'bus.checked_this_trip' => 'bus.checked_this_trip'] as $path => $asked) {
            yield "always asked: {$path}" => [$vest, [$path => null], [], [$asked]];
        }
        yield 'asked of nobody restrained too' => [$vest, ['bus.place' => null, 'bus.bench.exit' => null, 'bus.held_by' => null, 'bus.slouch' => null, 'bus.checked_this_trip' => false] + self::NONE, [], ['bus.bench.exit', 'bus.place', 'bus.held_by', 'bus.slouch', 'bus.checked_this_trip']];
        yield 'not gone through: a question, no fault' => [$vest, ['bus.checked_this_trip' => false], [], ['bus.checked_this_trip']];
        yield 'row, side, gross weight and window are never asked' => [$vest, ['bus.bench.row' => null, 'bus.bench.side' => null, 'bus.gross_weight' => null, 'bus.window_restrained' => null], []];

        yield 'exit row' => [$vest, ['bus.bench.exit' => true], ['fix bus.exit_row']];
        yield 'aisle' => [$vest, ['bus.place' => 'aisle', 'bus.window_restrained' => true], ['fix bus.blocks_aisle']];
        yield 'middle, window not known' => [$vest, ['bus.place' => 'middle'], ['fix bus.blocks_aisle']];
        yield 'middle, window free' => [$vest, ['bus.place' => 'middle', 'bus.window_restrained' => false], ['fix bus.blocks_aisle']];
        yield 'middle, inside one at the window' => [$vest, ['bus.place' => 'middle', 'bus.window_restrained' => true], []];

        yield 'held by nothing: no movement either' => [$rear, ['bus.held_by' => [], 'setup.movement' => ['side' => self::q(9, 'in')]], ['fix secure.nothing bench']];
        yield 'a vest held by nothing' => [$vest, ['bus.held_by' => []], ['fix secure.nothing bench']];
        yield 'belt and lower anchors, whatever the makers allow' => [$addon, ['bus.held_by' => ['belt', 'lower_anchors'], 'seat.belt_and_anchors_ok' => true, 'seat.lower_anchor_child_max' => self::q(50, 'lb')] + self::BELTED, ['fix bus.both']];
        yield 'what the set-up says of holding is not judged' => [$rear, ['setup.held_by' => 'nothing', 'setup.lock' => []], []];
        yield 'no lower anchors there' => [$rear, ['bus.bench.lower_anchors' => false], ['fix secure.anchor_not_there bench']];
        yield 'lower anchors not looked at' => [$rear, ['bus.bench.lower_anchors' => null], [], ['bus.bench.lower_anchors']];
        yield 'at the lower anchors’ figure' => [$rear, ['seat.lower_anchor_child_max' => self::q(21, 'lb')], []];
        yield 'over the lower anchors’ figure' => [$rear, ['seat.lower_anchor_child_max' => self::q(20.9, 'lb')], ['fix secure.anchor_overweight']];
        yield 'over, and no belt to change to' => [$rear, ['seat.lower_anchor_child_max' => self::q(20.9, 'lb'), 'bus.bench.belt' => 'none'], ['fix secure.anchor_overweight']];
        yield 'wrong path' => [$rear, ['setup.belt_path' => 'forward'], ['fix secure.wrong_path']];
        yield 'path not looked at' => [$rear, ['setup.belt_path' => null], [], ['setup.belt_path']];
        yield 'twisted' => [$addon, ['setup.twisted' => true] + self::BELTED, ['fix secure.twist']];
        yield 'a shell not locked in' => [$rear, ['seat.turns' => true, 'setup.shell_locked' => false], ['fix secure.shell_unlocked']];
        yield 'a limit that asks what holds it' => [$rear, ['bus.held_by' => null, 'seat.modes.rear_harness.weight_max' => [['value' => 40, 'unit' => 'lb'], ['value' => 20, 'unit' => 'lb', 'held_by' => 'lower_anchors']]], [], ['bus.held_by']];
        yield 'a limit of the other way of holding' => [$rear, ['seat.modes.rear_harness.weight_max' => [['value' => 40, 'unit' => 'lb'], ['value' => 20, 'unit' => 'lb', 'held_by' => 'lower_anchors']]], ['fix mode.outside_limits']];
        yield 'the same, and no belt on the bench' => [$rear, ['bus.bench.belt' => 'none', 'seat.modes.rear_harness.weight_max' => [['value' => 40, 'unit' => 'lb'], ['value' => 20, 'unit' => 'lb', 'held_by' => 'lower_anchors']]], ['stop mode.outside_limits']];
        yield 'a limit by belt or anchors says nothing under a wrap' => [$addon, ['seat.modes.forward_harness.weight_max' => [['value' => 65, 'unit' => 'lb'], ['value' => 30, 'unit' => 'lb', 'held_by' => 'lower_anchors']]], []];

        yield 'no belt, and nothing more of it' => [$addon, ['bus.bench.belt' => 'none', 'bus.bench.belt_condition' => 'knotted', 'bus.bench.buckle_end' => self::q(9, 'in')] + self::BELTED, ['fix place.no_belt bench']];
        yield 'belt not looked at' => [$addon, ['bus.bench.belt' => null, 'bus.bench.belt_condition' => null, 'bus.bench.buckle_end' => null] + self::BELTED, [], ['bus.bench.belt_condition', 'bus.bench.belt', 'bus.bench.buckle_end']];
        yield 'a lap belt holds a harness seat' => [$addon, ['bus.bench.belt' => 'lap'] + self::BELTED, []];
        yield 'a booster on a lap belt' => [$addon, ['bus.bench.belt' => 'lap'] + self::BOOSTED, ['fix booster.lap_only bench']];
        yield 'a booster on a lap belt, child not buckled yet' => [$addon, [...self::BOOSTED, 'bus.bench.belt' => 'lap', 'setup.booster.shoulder' => null], ['fix booster.lap_only bench'], ['setup.booster.shoulder']];
        yield 'a booster held by its anchors still needs the belt' => [$addon, ['bus.held_by' => ['lower_anchors'], 'bus.bench.belt' => 'none'] + self::BOOSTED, ['fix place.no_belt bench']];
        yield 'buckle end, on' => [$addon, ['bus.bench.buckle_end' => self::q(50.8, 'mm')] + self::BELTED, []];
        yield 'buckle end, over' => [$addon, ['bus.bench.buckle_end' => self::q(50.81, 'mm')] + self::BELTED, ['fix bus.buckle_end_long']];
        yield 'a belt not in use is not judged' => [$rear, ['bus.bench.belt_condition' => 'sewn', 'bus.bench.buckle_end' => self::q(9, 'in')], []];
        foreach (['twisted', 'knotted', 'sewn'] as $how) {
            yield "belt {$how}" => [$addon, ['bus.bench.belt_condition' => $how] + self::BELTED, ['stop bus.belt_altered']];
        }

        yield 'wrap loose' => [$addon, ['bus.wrap.dents' => false], ['fix bus.wrap_loose']];
        yield 'wrap frayed' => [$vest, ['bus.wrap.frayed' => true], ['stop bus.wrap_frayed']];
        yield 'someone loose behind the wrap' => [$vest, ['bus.wrap.behind' => 'unrestrained'], ['fix bus.behind_unrestrained']];
        yield 'belted behind the wrap' => [$vest, ['bus.wrap.behind' => 'belted'], []];
        yield 'restrained behind the wrap' => [$vest, ['bus.wrap.behind' => 'restrained'], []];
        yield 'wrap not looked at' => [$vest, ['bus.wrap' => null], [], ['bus.wrap.frayed', 'bus.wrap.dents', 'bus.wrap.behind']];
        yield 'no wrap, no questions of it' => [$rear, ['bus.wrap' => ['dents' => false, 'frayed' => true, 'behind' => 'unrestrained']], []];

        yield 'tether hooked on' => [$rear, ['bus.tether_used' => true], ['fix bus.tether_used']];
        yield 'tether not looked at' => [$rear, ['bus.tether_used' => null], [], ['bus.tether_used']];
        yield 'no tether asked of an add-on' => [$addon, ['bus.tether_used' => null, 'bus.touches_front' => null], []];
        yield 'rear-facing tether required: not on a bus' => [$rear, ['seat.tether_rear' => 'required'], ['stop place.no_tether_anchor bench']];
        yield 'rear-facing tether allowed' => [$rear, ['seat.tether_rear' => 'allowed'], []];
        yield 'rear-facing tether not known' => [$rear, ['seat.tether_rear' => null], [], ['seat.tether_rear']];
        yield 'forward tether required: not on a bus' => [$addon, ['seat.tether_forward_required' => true] + self::BELTED, ['stop place.no_tether_anchor bench']];
        yield 'forward tether not known' => [$addon, ['seat.tether_forward_required' => null] + self::BELTED, [], ['seat.tether_forward_required']];
        yield 'no tether of a vest or an add-on' => [$vest, ['seat.tether_forward_required' => true], []];
        yield 'touches the panel' => [$rear, ['bus.touches_front' => 'touch'], ['fix bus.touches_front']];
        yield 'pressed against the panel' => [$rear, ['bus.touches_front' => 'pressed'], ['fix bus.touches_front']];
        yield 'panel not looked at' => [$rear, ['bus.touches_front' => null], [], ['bus.touches_front']];
        yield 'not wholly on the bench' => [$rear, ['bus.base_on_bench' => 0.99], ['fix bus.overhang']];
        yield 'not wholly, and nobody wants it' => [$rear, ['bus.base_on_bench' => 0.9, 'bus.whole_on_bench_required' => null], []];
        yield 'base not looked at' => [$rear, ['bus.base_on_bench' => null], [], ['bus.base_on_bench']];
        yield 'base not looked at, and nobody wants it' => [$rear, ['bus.base_on_bench' => null, 'bus.whole_on_bench_required' => false], []];

        yield 'vest at 20 lb' => [$vest, ['child.weight' => self::q(20, 'lb')], ['fix bus.too_young_for_vest']];
        yield 'vest above 20 lb' => [$vest, ['child.weight' => self::q(20.01, 'lb')], []];
        yield 'vest at twelve months' => [$vest, ['child.born_on' => '2025-09-11'], ['fix bus.too_young_for_vest']];
        yield 'vest at thirteen months' => [$vest, ['child.born_on' => '2025-09-10'], []];
        yield 'vest on a child who does not sit' => [$vest, ['child.sits_unaided' => false], ['fix bus.too_young_for_vest']];
        yield 'vest, of whom nothing is known' => [$vest, ['child.weight' => null, 'child.born_on' => null, 'child.sits_unaided' => null], [], ['child.born_on', 'child.weight', 'child.sits_unaided']];
        yield 'vest of another size' => [$vest, ['bus.vest.size_nearest' => false], ['fix bus.vest_size']];
        yield 'vest backwards' => [$vest, ['bus.vest.front_right' => false], ['fix bus.vest_backwards']];
        yield 'vest over a coat' => [$vest, ['bus.vest.over_coat' => true], ['fix bus.vest_over_coat']];
        yield 'crotch strap unused' => [$vest, ['bus.vest.crotch' => 'unused'], ['fix bus.vest_no_crotch']];
        yield 'crotch strap tight' => [$vest, ['bus.vest.crotch' => 'tight'], ['fix bus.vest_crotch_tight']];
        yield 'lowest strap on the belly' => [$vest, ['bus.vest.lowest_strap' => 'belly'], ['fix bus.vest_low_strap']];
        yield 'strap near the neck' => [$vest, ['bus.vest.strap_near_neck' => true], ['fix bus.vest_neck']];
        yield 'hips not fixed' => [$vest, ['bus.vest.fixed_hips' => false], ['fix bus.vest_points']];
        yield 'shoulders not fixed' => [$vest, ['bus.vest.fixed_shoulders' => false], ['fix bus.vest_points']];
        yield 'neither fixed' => [$vest, ['bus.vest.fixed_hips' => false, 'bus.vest.fixed_shoulders' => false], ['fix bus.vest_points']];
        yield 'top straps from below' => [$vest, ['bus.vest.top_from' => 'below'], ['fix bus.vest_top_from_below']];
        yield 'loose end not threaded back' => [$vest, ['bus.vest.rethreaded' => false], ['fix bus.vest_not_rethreaded']];
        yield 'vest not looked at' => [$vest, ['bus.vest' => null], [], array_map(static fn(string $key): string => "bus.vest.{$key}", ['fixed_hips', 'fixed_shoulders', 'size_nearest', 'front_right', 'over_coat', 'crotch', 'lowest_strap', 'strap_near_neck', 'top_from', 'rethreaded'])];
        yield 'no vest, no questions of it' => [$addon, ['bus.vest' => ['over_coat' => true]], []];
        yield 'slouch' => [$vest, ['bus.slouch' => true], ['fix bus.slouch']];

        yield 'child and harness rules go on speaking' => [$rear, ['setup.harness.coat' => true, 'setup.angle' => self::q(20, 'deg'), 'setup.movement.side' => self::q(2, 'in')], ['fix measure.loose side', 'fix measure.too_upright', 'fix harness.coat']];
        yield 'the seat’s history goes on speaking' => [$vest, ['seat.history.crash' => true], ['stop history.crash']];
        yield 'places, locks and contacts of a car are silent' => [$rear, ['setup.position' => '1R', 'setup.lock' => [], 'setup.front_contact' => 'pressed', 'setup.head_restraint_pushes' => true, 'setup.strap_trapped' => true, 'setup.hook_right_way_up' => false, 'setup.anchor_designated' => false, 'setup.tether' => ['used' => true, 'slack' => true]], []];
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'beside a car' => [Cases::BUS_VEST, ['vehicle' => ['positions' => []]], 'bus'];
        yield 'a vest facing the rear' => [Cases::BUS_REAR, ['bus.system' => 'vest'], 'bus.system'];
        yield 'a booster with a harness' => [Cases::BUS_VEST, ['bus.system' => 'booster'], 'bus.system'];
        yield 'none with a harness' => [Cases::BUS_VEST, ['bus.system' => 'none'], 'bus.system'];
        yield 'a vest and the belt alone' => ['bus-u-40-lb', ['bus.system' => 'vest'], 'bus.system'];
        yield 'too heavy a bus' => [Cases::BUS_VEST, ['bus.gross_weight' => self::q(40001, 'kg')], 'bus.gross_weight'];
        yield 'row 0' => [Cases::BUS_VEST, ['bus.bench.row' => 0], 'bus.bench.row'];
        yield 'row 101' => [Cases::BUS_VEST, ['bus.bench.row' => 101], 'bus.bench.row'];
        yield 'more than all of the base' => [Cases::BUS_REAR, ['bus.base_on_bench' => 1.01], 'bus.base_on_bench'];
        yield 'held by something else' => [Cases::BUS_REAR, ['bus.held_by' => ['rope']], 'bus.held_by.0'];
        yield 'an unknown key' => [Cases::BUS_REAR, ['bus.colour' => 'yellow'], 'bus.colour'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('refused')]
    public function testRefused(string $case, array $changes, string $at): void
    {
        try {
            Cases::read($case, $changes);
            self::fail('taken');
        } catch (InvalidCase $e) {
            self::assertContains($at, array_map(static fn($problem): string => $problem->path, $e->problems));
        }
    }

    /** Nothing of a car is ever asked on a bus, and no fault goes away when more becomes unknown but by becoming a question. */
    public function testNothingOfACarIsAskedWhateverIsUnknown(): void
    {
        foreach ([[Cases::BUS_REAR, []], [Cases::BUS_VEST, []], [Cases::BUS_ADDON, []], [Cases::BUS_ADDON, self::BELTED], [Cases::BUS_ADDON, self::BOOSTED], [Cases::BUS_VEST, self::NONE]] as [$case, $changes]) {
            foreach (['child.weight', 'child.height', 'seat.standards', 'seat.modes', 'seat.history', 'seat.slots', 'setup.belt_path', 'setup.movement', 'setup.harness', 'setup.booster', 'setup', 'seat', 'bus.bench', 'bus.wrap', 'bus.vest', 'bus.system', 'bus'] as $gone) {
                $assessment = Cases::assess($case, $gone === 'bus' ? ['bus' => ['slouch' => false]] + $changes : [...$changes, $gone => null]);
                $asked = Cases::asked($assessment);
                self::assertSame([], array_values(preg_grep('/^vehicle|^setup\.(position|lock|held_by|front_contact|tether)/', $asked) ?: []), "{$case} without {$gone}");
                self::assertSame($asked === [], $assessment->verdict === Verdict::GoodToRide, "{$case} without {$gone}");
            }
        }
    }
}
