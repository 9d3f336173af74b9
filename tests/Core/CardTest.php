<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Card\EveryRide;
use MintBuckle\Core\Card\InstallationCard;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Quantity\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** The installation card by the case format's tables: the set of steps and their order, exactly, for every lock and what changes it. */
final class CardTest extends TestCase
{
    private const PLACE = 'vehicle.positions.1.';

    /** Steps of the lock in use between thread and prove, as the format prints them; a question mark: only with a turned buckle. */
    private const LOCKS = [
        // lock                  changes that make it the lock in use                                                       steps
        'switchable retractor' => [['setup.lock' => ['retractor']],                                                         'buckle_turns? buckle slack retractor_end retractor_feed weight tighten'],
        'alr retractor'        => [['setup.lock' => ['retractor'], self::PLACE . 'retractor' => 'alr'],                     'dead_zone buckle_turns? buckle retractor_take_up weight tighten'],
        'locking plate'        => [['setup.lock' => ['latch_plate'], self::PLACE . 'latch_plate' => 'locking'],             'buckle_turns? buckle weight plate_pull'],
        'switched plate'       => [['setup.lock' => ['latch_plate'], self::PLACE . 'latch_plate' => 'switch'],              'buckle_turns? buckle plate_switch weight tighten'],
        'lock-off'             => [['setup.lock' => ['lockoff'], 'seat.lockoff' => true],                                   'draw_little buckle_turns? buckle slack weight tighten close_lockoff'],
        'clamp door'           => [['setup.lock' => ['clamp_door'], 'seat.clamp_door' => true, 'setup.clamp_door_closed' => true], 'draw_little buckle_turns? buckle slack weight tighten close_door'],
        'clip, elr'            => [['setup.lock' => ['clip'], self::PLACE . 'retractor' => 'elr'],                          'buckle_turns? buckle weight tighten pinch unbuckle clip_on retractor_free rebuckle'],
        'clip, switchable'     => [['setup.lock' => ['clip', 'retractor']],                                                 'buckle_turns? buckle retractor_length weight tighten pinch unbuckle clip_on retractor_free rebuckle'],
    ];

    private const WISHES = [[null, null], ['allowed', null], ['forbidden', null], ['required', null], ['required', 'tighten_first'], ['required', 'retractor_first']];

    /** Every lock x direction x maker's wish x base x tether x wedge x turned buckle. */
    #[Group('slow')]
    public function testEverySetUp(): void
    {
        $tried = 0;
        foreach ([...array_keys(self::LOCKS), 'anchors', 'both'] as $lock) {
            foreach ([true, false] as $rear) {
                foreach (str_contains($lock, 'lock-off') || $lock === 'clamp door' ? self::WISHES : [[null, null]] as [$wish, $order]) {
                    foreach (['none', 'used', 'baseless', 'turns'] as $base) {
                        foreach ([true, false] as $tethered) {
                            foreach ([true, false] as $anchor) {
                                foreach (['none', 'noodle', 'computed', 'not allowed'] as $wedge) {
                                    foreach ([0, 2] as $turns) {
                                        $this->assertCard($lock, $rear, $wish, $order, $base, $tethered, $anchor, $wedge, $turns);
                                        $tried++;
                                    }
                                }
                            }
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(2500, $tried);
    }

    private function assertCard(string $lock, bool $rear, ?string $wish, ?string $order, string $base, bool $tethered, bool $anchor, string $wedge, int $turns): void
    {
        $changes = [
            ...(self::LOCKS[$lock][0] ?? []),
            ...(in_array($lock, ['anchors', 'both'], true) ? ['setup.held_by' => $lock === 'anchors' ? 'lower_anchors' : 'both', 'seat.belt_and_anchors_ok' => true, 'vehicle.belt_and_anchors_ok' => true] : []),
            'seat.lock_retractor_too' => $wish, 'seat.clamp_order' => $order, 'setup.buckle_turns' => $turns,
            'seat.detachable' => $base === 'used' || $base === 'baseless', 'setup.base' => ['used' => 'used', 'baseless' => 'none'][$base] ?? null, 'seat.turns' => $base === 'turns', 'seat.lockoff_on' => 'both',
            self::PLACE . 'tether_anchor' => $anchor, 'setup.tether.used' => $tethered, 'seat.tether_rear' => $tethered ? 'required' : 'forbidden',
            'seat.wedge_ok' => $wedge !== 'not allowed', 'setup.wedge' => in_array($wedge, ['noodle', 'not allowed'], true) ? 'noodle' : 'none',
            ...($rear ? ['setup.angle' => Cases::q($wedge === 'computed' ? 25 : 38, 'deg')] : []),
        ];
        $hooked = $anchor && ($tethered || ! $rear);
        $expected = [
            ...($rear ? [] : ['parts']), 'slots', 'crotch', 'head_rest', 'recline', $rear ? 'front_seat' : 'vehicle_back',
            ...($rear && ($wedge === 'noodle' || $wedge === 'computed') ? ['wedge'] : []), $base === 'used' ? 'place_base' : 'place_seat', 'open_path',
            ...self::holding($lock, $wish, $order, $turns),
            ...($base === 'used' ? ['click_shell', 'indicators'] : []), ...($base === 'turns' ? ['turn_lock'] : []),
            'movement', ...($rear ? ['level'] : []), ...($hooked ? ['tether_hook', 'tether_tighten', 'movement_again', ...($rear ? ['level_again'] : [])] : []),
            'close_covers', 'stow', 'child_in', 'tongues', 'hips', 'harness_tighten', 'chest_clip', 'strap_test',
        ];

        self::assertSame($expected, self::codes($rear ? Cases::REAR : Cases::FORWARD, $changes), json_encode([$lock, $rear, $wish, $order, $base, $tethered, $anchor, $wedge, $turns]) ?: '');
    }

    /** @return list<string> */
    private static function holding(string $lock, ?string $wish, ?string $order, int $turns): array
    {
        $anchors = ['anchor_straps_long', 'hook_anchors', 'weight', 'tighten_anchors', 'prove'];
        if ($lock === 'anchors') {
            return [...$anchors, 'store_belt'];
        }
        $steps = explode(' ', strtr(self::LOCKS[$lock === 'both' ? 'switchable retractor' : $lock][1], ['buckle_turns? ' => $turns > 0 ? 'buckle_turns ' : '']));
        if ($wish === 'required') {
            $close = array_pop($steps);
            $retractor = ['retractor_end', 'retractor_feed'];
            $steps = $order === 'retractor_first' ? [...$steps, ...$retractor, $close] : [...$steps, $close, ...$retractor];
        }

        return [...($lock === 'both' ? $anchors : []), 'thread', ...$steps, 'prove'];
    }

    /** @return iterable<string, array{string, array<string, mixed>}> case, changes: every set-up of the tables below, for the golden cards */
    public static function shown(): iterable
    {
        foreach (self::LOCKS as $lock => [$changes]) {
            foreach ([Cases::REAR, Cases::FORWARD] as $case) {
                yield "{$lock}, {$case}" => [$case, $changes + ['seat.lockoff_on' => 'both']];
                yield "{$lock}, {$case}, the retractor too" => [$case, $changes + ['seat.lockoff_on' => 'both', 'seat.lock_retractor_too' => 'required', 'seat.clamp_order' => 'retractor_first', 'setup.buckle_turns' => 2]];
            }
        }
        foreach ([[0.5, null], [1, null], [2.5, true], [3.5, true], [2, false]] as [$turns, $leave]) {
            yield "{$turns} turns, leave " . json_encode($leave) => [Cases::REAR, ['setup.buckle_turns' => $turns, 'vehicle.buckle_turns_ok' => $leave]];
        }
        foreach ([[1, false, true], [2, false, null], [3, false, true], [1, true, true], [1, null, true], [1, false, false], [null, false, true]] as [$slot, $under, $clear]) {
            yield 'crotch strap ' . json_encode([$slot, $under, $clear]) => [Cases::REAR, ['setup.harness.crotch.slot' => $slot, 'setup.harness.crotch.under_child' => $under, 'setup.harness.crotch.nearest_clear' => $clear]];
        }
        foreach ([Cases::REAR, Cases::FORWARD] as $case) {
            foreach (['noodle' => [1, 2, 3, 4, null], 'towel' => [1], 'none' => [null]] as $wedge => $counts) {
                foreach ($counts as $count) {
                    foreach ([true, false, null] as $leave) {
                        yield "{$case}, {$wedge} " . json_encode([$count, $leave]) => [$case, ['setup.wedge' => $wedge, 'setup.wedge_count' => $count, 'seat.wedge_ok' => $leave]];
                    }
                }
            }
            foreach ([true, false, null] as $used) {
                foreach (['required', 'allowed', 'forbidden', null] as $word) {
                    yield "{$case}, tether " . json_encode([$used, $word]) => [$case, ['setup.tether.used' => $used, 'seat.tether_rear' => $word]];
                }
                foreach ([true, false, null] as $anchor) {
                    yield "{$case}, tether and anchor " . json_encode([$used, $anchor]) => [$case, ['setup.tether.used' => $used, self::PLACE . 'tether_anchor' => $anchor]];
                }
            }
            foreach ([true, false, null] as $seat) {
                foreach ([true, false, null] as $vehicle) {
                    yield "{$case}, belt and anchors " . json_encode([$seat, $vehicle]) => [$case, ['setup.held_by' => 'both', 'seat.belt_and_anchors_ok' => $seat, 'vehicle.belt_and_anchors_ok' => $vehicle]];
                }
            }
            foreach (['used', 'none', null] as $base) {
                foreach ([[true, true], [true, false], [false, true], [null, null]] as [$turns, $lifts]) {
                    yield "{$case}, turns, lifts off, base " . json_encode([$turns, $lifts, $base]) => [$case, ['seat.turns' => $turns, 'seat.detachable' => $lifts, 'setup.base' => $base]];
                }
            }
            yield "{$case}, handle" => [$case, ['seat.modes.rear_harness.handle_positions' => ['down', 'fully_back'], 'setup.handle' => 'down']];
        }
        foreach (self::needs() as $name => [$case, $changes]) {
            yield $name => [$case, $changes];
        }
        foreach (self::notices() as $name => [$changes]) {
            yield $name => [Cases::REAR, $changes];
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, list<string>, list<string>}> case, changes, steps that stand there, steps that do not */
    public static function needs(): iterable
    {
        $anchored = ['setup.held_by' => 'lower_anchors', 'seat.modes.high_back_booster.anchors_allowed' => true, 'setup.anchor_designated' => true];
        yield 'an insert listed for this weight' => [Cases::REAR, ['child.weight' => Cases::q(8, 'lb')], ['insert'], []];
        yield 'an insert in use that is not for this weight' => [Cases::REAR, ['setup.harness.insert' => 'newborn'], ['insert'], []];
        yield 'no insert' => [Cases::REAR, [], [], ['insert', 'foot', 'parts', 'head_restraint', 'handle', 'side_pod']];
        yield 'a seat without slots' => [Cases::REAR, ['seat.slots' => []], [], ['slots']];
        yield 'slots not known' => [Cases::REAR, ['seat.slots' => null, 'setup.harness.slot' => null], ['slots'], []];
        yield 'a foot, a handle and a pod' => [Cases::REAR, ['seat.modes.rear_harness.foot' => 'down', 'seat.modes.rear_harness.handle_positions' => ['down'], 'seat.side_pod' => 'door_side'], ['foot', 'side_pod', 'handle'], []];
        yield 'the head restraint pushes' => [Cases::FORWARD, ['setup.head_restraint_pushes' => true], ['head_restraint'], []];
        yield 'the head restraint was taken off' => [Cases::FORWARD, ['setup.head_restraint' => 'removed'], ['head_restraint'], []];
        yield 'the head restraint is in place' => [Cases::FORWARD, ['setup.head_restraint' => 'in_place'], [], ['head_restraint']];
        yield 'turns that the vehicle forbids' => [Cases::REAR, ['setup.buckle_turns' => 2, 'vehicle.buckle_turns_ok' => false], [], ['buckle_turns']];
        yield 'turns of which the vehicle\'s word is not known' => [Cases::REAR, ['setup.buckle_turns' => 2, 'vehicle.buckle_turns_ok' => null], [], ['buckle_turns']];
        yield 'a seat known to have no chest clip' => [Cases::REAR, ['seat.chest_clip' => false], [], ['chest_clip']];
        yield 'a place without a belt' => [Cases::REAR, ['setup.held_by' => 'lower_anchors', self::PLACE . 'belt' => 'none'], ['hook_anchors'], ['store_belt', 'thread']];
        yield 'a booster has no movement' => [Cases::BOOSTER, [], ['vehicle_back', 'place_seat', 'head_rest', 'child_in', 'lap_guides', 'shoulder_guide', 'belt_child', 'belt_check'], ['movement', 'open_path', 'prove', 'booster_anchors', 'tether_hook', 'buckle']];
        yield 'a booster on its anchors' => [Cases::BOOSTER, $anchored, ['booster_anchors', 'tighten_anchors'], ['tether_hook']];
        yield 'a booster on its anchors with its tether' => [Cases::BOOSTER, $anchored + ['setup.tether.used' => true], ['booster_anchors', 'tighten_anchors', 'tether_hook', 'tether_tighten'], ['movement_again']];
        yield 'a booster on anchors that are not allowed' => [Cases::BOOSTER, ['seat.modes.high_back_booster.anchors_allowed' => false] + $anchored, [], ['booster_anchors', 'tighten_anchors']];
        yield 'a backless booster has no shoulder guide' => [Cases::BOOSTER, ['setup.mode' => 'backless_booster', 'seat.modes.backless_booster' => ['weight_min' => Cases::q(40, 'lb'), 'weight_max' => Cases::q(100, 'lb'), 'height_max' => Cases::q(57, 'in')]], ['lap_guides'], ['shoulder_guide', 'head_rest']];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $there
     * @param list<string> $not
     */
    #[DataProvider('needs')]
    public function testWhatAStepIsNeededFor(string $case, array $changes, array $there, array $not): void
    {
        $codes = self::codes($case, $changes) ?? self::fail('no card');

        self::assertSame([], array_diff($there, $codes));
        self::assertSame([], array_intersect($not, $codes));
    }

    /** @return iterable<string, array{array<string, mixed>, string|null, string}> changes, a step that tells the lock (null: no belt steps), what the first step's check says */
    public static function notices(): iterable
    {
        yield 'nothing is claimed' => [['setup.lock' => []], 'retractor_end', 'Nothing locks the belt now'];
        yield 'what is claimed cannot' => [['setup.lock' => ['latch_plate']], 'retractor_end', 'What is said to lock the belt now does not hold here'];
        yield 'held by nothing' => [['setup.held_by' => 'nothing'], 'retractor_end', 'It is not held by the belt now'];
        yield 'not known by what' => [['setup.held_by' => null], 'retractor_end', 'It is not held by the belt now'];
        yield 'nothing can lock it' => [[self::PLACE . 'retractor' => 'elr', self::PLACE . 'belt' => 'lap'], null, 'Nothing is known to lock this belt for this seat'];
        yield 'belt and anchors, not known to be allowed together' => [['setup.held_by' => 'both', 'seat.belt_and_anchors_ok' => null], 'retractor_end', ''];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('notices')]
    public function testWhereTheCardDoesNotFollowWhatIsThere(array $changes, ?string $step, string $notice): void
    {
        $card = self::card(Cases::REAR, $changes) ?? self::fail('no card');
        $codes = array_map(static fn(CardStep $s): string => $s->code->value, $card);

        self::assertSame($notice, $notice === '' ? '' : (strstr(Told::in('en')->check($card[0]), $notice) === false ? Told::in('en')->check($card[0]) : $notice));
        self::assertSame($step === null, array_intersect(['thread', 'prove', 'tighten'], $codes) === []);
        self::assertTrue($step === null || in_array($step, $codes, true));
        self::assertNotContains('hook_anchors', $codes);
    }

    public function testTheLockOfSeveral(): void
    {
        $has = self::has(...);

        self::assertTrue($has(['setup.lock' => ['retractor', 'lockoff'], 'seat.lockoff' => true], 'close_lockoff'), 'the finder\'s order');
        self::assertTrue($has(['setup.lock' => ['clamp_door', 'lockoff'], 'seat.lockoff' => true, 'seat.clamp_door' => true], 'close_lockoff'), 'the lock-off before the door');
        self::assertTrue($has(['setup.lock' => ['retractor'], 'seat.clamp_door' => true, 'seat.lock_retractor_too' => 'required'], 'close_door'), 'the maker wants both');
        self::assertFalse($has(['setup.lock' => ['retractor'], 'seat.clamp_door' => true, 'seat.lock_retractor_too' => 'allowed'], 'close_door'));
        self::assertFalse($has(['setup.lock' => ['clamp_door'], 'seat.clamp_door' => true, 'seat.lock_retractor_too' => 'required', self::PLACE . 'retractor' => 'alr'], 'retractor_end'), 'on an alr no step is added');
    }

    public function testThereIsNoCardWhile(): void
    {
        foreach ([['setup.mode' => null], ['setup.position' => null], ['seat' => null], ['setup' => null], ['seat.modes.rear_harness' => null]] as $changes) {
            self::assertNull(self::card(Cases::REAR, $changes), json_encode($changes) ?: '');
        }
        self::assertSame(['child_in', 'belt_child', 'belt_check'], self::codes(Cases::REAR, ['setup.mode' => 'belt_only', 'setup.position' => null, 'seat' => null]));
    }

    /** Settings, slots, turns and distances are those of this child and this seat. */
    public function testStepsNameWhatIsRightForThisChild(): void
    {
        $step = self::step(...);
        $rows = ['seat.modes.rear_harness.recline' => [['settings' => [1], 'weight_max' => Cases::q(10, 'lb')], ['settings' => [4, 5], 'weight_min' => Cases::q(10, 'lb')], ['settings' => [6], 'weight_min' => Cases::q(30, 'lb')]]];

        self::assertSame('Set the recline to 4 or 5, for a child of this weight.', $step($rows, 'recline'));
        self::assertSame('Weigh the child, then set the recline that the manual gives for that weight.', $step($rows + ['child.weight' => null], 'recline'));
        self::assertSame('Set the recline by the seat\'s own indicator for this child.', $step(['seat.modes.rear_harness.recline' => null], 'recline'));
        self::assertSame('Turn the buckle stalk down by three full turns, counted aloud; three is the most.', $step(['setup.buckle_turns' => 4.5], 'buckle_turns'));
        self::assertSame('Turn the buckle stalk down by one and a half turns, counted aloud; three is the most.', $step(['setup.buckle_turns' => 1.5], 'buckle_turns'));
        self::assertSame('Put the clip on both parts, no further than 1 in from the plate.', $step(['setup.lock' => ['clip']], 'clip_on'));
        self::assertSame('Put the clip on both parts, no further than 5 mm from the plate.', $step(['setup.lock' => ['clip'], 'seat.clip_distance_max' => Cases::q(5, 'mm')], 'clip_on'));
        self::assertSame('Close the lock-off over the belt.', $step(['setup.lock' => ['lockoff'], 'seat.lockoff' => true], 'close_lockoff'));
        self::assertSame('Close the lock-off over the belt, on the shoulder side.', $step(['setup.lock' => ['lockoff'], 'seat.lockoff' => true, 'seat.lockoff_use' => 'shoulder_side'], 'close_lockoff'));
        self::assertSame('Hook the tether on, in the boot, led round the head restraint as the vehicle shows.', $step([self::PLACE . 'tether_anchor_at' => 'boot'], 'tether_hook', Cases::NZ));
        self::assertStringContainsString('a rolled towel', $step(['setup.wedge' => 'towel'], 'wedge'));
        self::assertStringContainsString('three noodles taped in a triangle', $step(['setup.wedge' => 'noodle', 'setup.wedge_count' => 3], 'wedge'));
    }

    public function testTheInsertInUse(): void
    {
        $listed = [['name' => 'newborn', 'weight_max' => Cases::q(11, 'lb')]];
        foreach ([
            'Take out the insert newborn: it is not for this child.' => [['seat.inserts' => $listed], ['seat.inserts' => []]],
            'For this weight the seat has an insert: newborn. Put it in as its manual shows.' => [['seat.inserts' => $listed, 'child.weight' => Cases::q(10, 'lb')]],
            'Take out the insert newborn; for this weight the seat has: small.' => [['seat.inserts' => [...$listed, ['name' => 'small']]]],
            'Look in the manual whether the insert newborn is for this child\'s weight; if not, take it out.' => [['seat.inserts' => null], ['seat.inserts' => $listed, 'child.weight' => null]],
        ] as $step => $all) {
            foreach ($all as $changes) {
                self::assertSame($step, self::step(['setup.harness.insert' => 'newborn', ...$changes], 'insert'));
            }
        }
    }

    /** Where nothing says whether there is a chest clip, one that was seen is one. */
    public function testTheChestClip(): void
    {
        $unknown = ['seat.chest_clip' => null, 'seat.standards' => ['zz-9']];

        self::assertTrue(self::has($unknown, 'chest_clip'), 'seen at the armpits');
        self::assertFalse(self::has($unknown + ['setup.harness.clip' => null], 'chest_clip'));
        self::assertFalse(self::has($unknown + ['setup.harness.clip' => 'none'], 'chest_clip'));
        self::assertTrue(self::has(['seat.chest_clip' => true, 'seat.standards' => ['ecer44'], 'setup.harness.clip' => null], 'chest_clip'));
        self::assertFalse(self::has(['seat.chest_clip' => false], 'chest_clip'));
    }

    /** "On every ride" is made from this seat. */
    public function testOnEveryRide(): void
    {
        $lines = self::lines(...);

        self::assertStringContainsString('no more than 25.4 mm', $lines(Cases::REAR));
        self::assertStringContainsString('every indicator says locked', $lines(Cases::REAR, ['seat.detachable' => true, 'setup.base' => 'used']));
        self::assertStringNotContainsString('indicator says locked', $lines(Cases::REAR));
        self::assertStringContainsString('turned to where it rides', $lines(Cases::REAR, ['seat.turns' => true]));
        self::assertStringContainsString('the tether is taken up again', $lines(Cases::NZ));
        self::assertStringNotContainsString('tether', $lines(Cases::REAR));
        self::assertStringContainsString('one finger goes between', $lines(Cases::NZ));
        self::assertStringNotContainsString('Chest clip', $lines(Cases::NZ));
        self::assertStringContainsString('Put the vehicle\'s head restraint back', $lines(Cases::BOOSTER, ['setup.head_restraint' => 'removed']));
        self::assertStringContainsString('buckled in when nobody sits on it', $lines(Cases::BOOSTER));
        self::assertStringContainsString('never under the arm', $lines(Cases::BOOSTER, ['setup.mode' => 'belt_only']));
        self::assertSame('', $lines(Cases::REAR, ['setup.mode' => null]));
    }

    /** @param array<string, mixed> $changes */
    private static function has(array $changes, string $code): bool
    {
        return in_array($code, self::codes(Cases::REAR, $changes) ?? [], true);
    }

    /** @param array<string, mixed> $changes */
    private static function step(array $changes, string $code, string $case = Cases::REAR): string
    {
        foreach (self::card($case, $changes) ?? [] as $step) {
            if ($step->code->value === $code) {
                return Told::english($step->step());
            }
        }

        return '';
    }

    /** @param array<string, mixed> $changes */
    private static function lines(string $case, array $changes = []): string
    {
        return implode(' ', array_map(Told::in('en')->in(LengthUnit::Millimetre, null)->sentence(...), EveryRide::of(Cases::assess($case, $changes)->situation)));
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<string>|null
     */
    private static function codes(string $case, array $changes): ?array
    {
        $card = self::card($case, $changes);

        return $card === null ? null : array_map(static fn(CardStep $s): string => $s->code->value, $card);
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<CardStep>|null
     */
    private static function card(string $case, array $changes): ?array
    {
        return InstallationCard::of(new AssessmentContext(Cases::read($case, $changes)));
    }
}
