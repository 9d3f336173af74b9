<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Card\TakingOut;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Wedge\WedgeSize;
use MintBuckle\Present\Words\AssessmentWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** Outgrow dates, the next slot, wedge, changeover, installation card. */
final class ForecastTest extends TestCase
{
    public function testOutgrowDatesStandInOrderAndName(): void
    {
        $answer = self::computed(Cases::REAR);
        self::assertSame('height', $answer['modes'][0]['outgrown']['by'] ?? null);
        $dates = array_values(array_intersect_key((array) $answer['modes'][0]['outgrown'], array_flip(['earliest', 'likely', 'latest'])));
        $sorted = $dates;
        sort($sorted);
        self::assertSame($sorted, $dates);
        self::assertNull($answer['modes'][1]['outgrown'], 'a mode that does not fit is not outgrown either');
    }

    public function testALowerMaximumIsOutgrownSooner(): void
    {
        $likely = self::likely(...);
        $free = ['seat.modes.rear_harness.height_max' => Cases::q(250, 'cm')];

        self::assertLessThan($likely($free), $likely(['seat.modes.rear_harness.weight_max' => Cases::q(30, 'lb')] + $free));
        self::assertSame('weight', self::computed(Cases::REAR, $free)['modes'][0]['outgrown']['by'] ?? null);
        self::assertSame($likely(['seat.modes.rear_harness.weight_max' => Cases::q(30, 'lb')]), $likely(['seat.modes.rear_harness.weight_max' => ['value' => 13.60777, 'unit' => 'kg', 'below' => true]]));
    }

    public function testSexUnknownIsTheEarlierOfTheTwo(): void
    {
        $likely = static fn(?string $sex): ?string => self::computed(Cases::REAR, ['child.sex' => $sex])['modes'][0]['outgrown']['likely'] ?? null;
        self::assertSame(min($likely('f'), $likely('m')), $likely(null));
        self::assertNotSame($likely('f'), $likely('m'));
    }

    public function testNothingIsForecastWithoutAgeOrMeasure(): void
    {
        self::assertNull(self::computed(Cases::REAR, ['child.born_on' => null])['modes'][0]['outgrown']);
        self::assertNull(self::computed(Cases::REAR, ['child.born_on' => null])['next_slot_change']);
        self::assertNull(self::computed(Cases::REAR, ['child.height' => null])['next_slot_change']);
        self::assertNull(self::computed(Cases::BOOSTER)['next_slot_change']);
    }

    /** The shoulder grows in proportion to stature: a shoulder just under the next slot changes next month, one far below later. */
    public function testNextSlotChange(): void
    {
        $change = static fn(string $case, int|float $shoulder, int $slot): ?string => self::computed($case, ['child.shoulder_height' => Cases::q($shoulder, 'mm'), 'setup.harness.slot' => $slot])['next_slot_change'];

        self::assertSame('2026-11', $change(Cases::REAR, 289.5, 2), 'at or below: slot 3 at 290 mm');
        self::assertLessThan($change(Cases::REAR, 250, 2), $change(Cases::REAR, 280, 2));
        self::assertSame('2026-11', $change(Cases::FORWARD, 334.8, 4), 'at or above: beyond slot 4 at 335 mm');
        self::assertNull($change(Cases::REAR, 390, 5), 'no slot above the highest');
        self::assertNull($change(Cases::NZ, 290, 3), 'the next slot lies beyond the window: outgrown, not changed');
    }

    /** @return iterable<string, array{float, int, float}> base length in mm, noodles, degrees: worked independently by coordinates */
    public static function stacks(): iterable
    {
        foreach ([250.0, 300.0, 350.0, 420.0] as $base) {
            $r = 0.8 * 63.5 / 2;
            yield "one noodle under {$base} mm" => [$base, 1, self::tangent($base - $r, $r, $r)];
            yield "three noodles under {$base} mm" => [$base, 3, self::tangent($base - 2 * $r, $r + 2 * $r * sin(M_PI / 3), $r)];
        }
    }

    /** The wedge's trigonometry against a search: the steepest line through the front edge that still touches the topmost circle. */
    #[DataProvider('stacks')]
    public function testWedgeGain(float $base, int $noodles, float $degrees): void
    {
        self::assertEqualsWithDelta($degrees, WedgeSize::gain($base, $noodles), 0.001);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>|null}> */
    public static function wedges(): iterable
    {
        $angle = static fn(int|float $degrees): array => ['setup.angle' => Cases::q($degrees, 'deg'), 'setup.indicator' => null];
        yield 'three degrees short: one noodle' => [$angle(27), ['lift' => ['value' => 15.7008, 'unit' => 'mm'], 'stack' => 'one_noodle', 'gain' => ['value' => 10.5694, 'unit' => 'deg']]];
        yield 'thirteen degrees short: three noodles' => [$angle(17), ['lift' => ['value' => 67.4853, 'unit' => 'mm'], 'stack' => 'three_noodles', 'gain' => ['value' => 21.1958, 'unit' => 'deg']]];
        yield 'one noodle would pass the range: a towel' => [$angle(28) + ['seat.modes.rear_harness.angle_max' => Cases::q(35, 'deg')], ['lift' => ['value' => 10.4698, 'unit' => 'mm'], 'stack' => 'towel', 'gain' => ['value' => 2, 'unit' => 'deg']]];
        yield 'no range, a child that does not sit: 40 to 45' => [['setup.angle' => Cases::q(37, 'deg'), 'setup.indicator' => 'too_upright', 'child.sits_unaided' => false, 'seat.modes.rear_harness.angle_min' => null, 'seat.modes.rear_harness.angle_max' => null], ['lift' => ['value' => 15.7008, 'unit' => 'mm'], 'stack' => 'towel', 'gain' => ['value' => 3, 'unit' => 'deg']]];
        yield 'in range' => [$angle(38), null];
        yield 'not allowed' => [$angle(27) + ['seat.wedge_ok' => false], null];
        yield 'not known to be allowed' => [$angle(27) + ['seat.wedge_ok' => null], null];
        yield 'sloping ground' => [$angle(27) + ['setup.level_ground' => false], null];
        yield 'base not measured' => [$angle(27) + ['seat.base_length' => null], null];
        yield 'no range: 30 to 45 for a child that sits' => [['setup.angle' => Cases::q(27, 'deg'), 'setup.indicator' => 'too_upright', 'seat.modes.rear_harness.angle_min' => null, 'seat.modes.rear_harness.angle_max' => null], ['lift' => ['value' => 15.7008, 'unit' => 'mm'], 'stack' => 'one_noodle', 'gain' => ['value' => 10.5694, 'unit' => 'deg']]];
    }

    /**
     * @param array<string, mixed> $changes
     * @param array<string, mixed>|null $wedge
     */
    #[DataProvider('wedges')]
    public function testWedge(array $changes, ?array $wedge): void
    {
        self::assertSame($wedge, self::computed(Cases::REAR, $changes)['wedge']);
    }

    public function testChangeoverForwards(): void
    {
        $steps = self::computed(Cases::REAR)['changeover']['steps'] ?? [];
        self::assertSame('Not yet: weight 21 lb is less than 22 lb; age 14 months is less than 24 months; age 14 months is under the floor of 24 months for this mode.', $steps[0]);
        self::assertStringStartsWith('Not before it is outgrown as it is, about ', $steps[1]);
        self::assertSame('Take the seat out, turn it round, and use the forward-facing belt path behind the back.', $steps[2]);
        self::assertContains('Take the foot panel off.', $steps);
        self::assertContains('Set the recline to 3, for a child of this weight.', $steps);
        self::assertSame('Tighten it afresh and try the movement at the belt path.', end($steps));
    }

    public function testChangeoverBackwards(): void
    {
        $changed = self::computed(Cases::FORWARD, ['law' => null, 'child.born_on' => '2025-11-10', 'child.weight' => Cases::q(25, 'lb'), 'child.height' => Cases::q(33, 'in')])['changeover'];
        self::assertSame('rear_harness', $changed['to'] ?? null);
        self::assertContains('Unhook the tether and stow it.', $changed['steps']);
    }

    public function testChangeoverToABooster(): void
    {
        $changed = self::computed(Cases::FORWARD, ['seat.modes.high_back_booster' => ['weight_min' => Cases::q(40, 'lb'), 'weight_max' => Cases::q(100, 'lb')]])['changeover'];
        self::assertSame('high_back_booster', $changed['to'] ?? null);
        self::assertStringContainsString('Take the harness out', implode(' ', $changed['steps']));
    }

    public function testTakingOut(): void
    {
        $steps = self::takingOut(...);
        $out = 'Pull the belt out of the path and let it wind in all the way.';
        self::assertSame(['Ease the tether and unhook it.', 'Unbuckle the belt.', $out], $steps([]));
        self::assertSame(['Ease the tether and unhook it.', 'Unbuckle the belt.', 'Then open the clamp door.', $out], $steps(['seat.clamp_door' => true, 'setup.lock' => ['clamp_door']]));
        self::assertSame(['Ease the tether and unhook it.', 'Unbuckle the belt.', 'Then open the lock-off.', $out], $steps(['seat.lockoff' => true, 'setup.lock' => ['lockoff']]));
        self::assertSame(['Ease the tether and unhook it.', 'Unbuckle the belt.', 'Take the locking clip off: the belt must run free for people.', $out], $steps(['setup.lock' => ['clip', 'retractor']]));
        self::assertSame(['Ease the anchor strap, then unhook both ends and store them on the seat.', 'Put the vehicle\'s head restraint back where it belongs.'], $steps(['setup.held_by' => 'lower_anchors', 'setup.tether.used' => false, 'setup.head_restraint' => 'removed']));
        self::assertSame(['Lift the shell off its base by the release.', 'Unbuckle the belt.', $out], Told::all(TakingOut::of(new AssessmentContext(Cases::read(Cases::REAR, ['seat.detachable' => true, 'setup.base' => 'used'])))));
        self::assertSame([], $steps(['setup.mode' => 'belt_only']));
    }

    /** @param array<string, mixed> $changes */
    private static function likely(array $changes): ?string
    {
        return self::computed(Cases::REAR, $changes)['modes'][0]['outgrown']['likely'] ?? null;
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<string>
     */
    private static function takingOut(array $changes): array
    {
        return Told::all(TakingOut::of(new AssessmentContext(Cases::read(Cases::FORWARD, $changes))));
    }

    /** Angle of the line from the origin that touches the circle at (x, y) of radius r from above, found by halving. */
    private static function tangent(float $x, float $y, float $r): float
    {
        [$low, $high] = [atan2($y, $x), M_PI / 2];
        for ($i = 0; $i < 60; $i++) {
            $angle = ($low + $high) / 2;
            $distance = $x * sin($angle) - $y * cos($angle);
            [$low, $high] = $distance < $r ? [$angle, $high] : [$low, $angle];
        }

        return rad2deg($low);
    }

    /**
     * @param array<string, mixed> $changes
     * @return array{modes: list<array{outgrown: array<string, string|null>|null}>, next_slot_change: string|null, changeover: array{to: string, steps: non-empty-list<string>}|null, wedge: array<string, mixed>|null}
     */
    private static function computed(string $case, array $changes = []): array
    {
        /** @var array{modes: list<array{outgrown: array<string, string|null>|null}>, next_slot_change: string|null, changeover: array{to: string, steps: non-empty-list<string>}|null, wedge: array<string, mixed>|null} $computed */
        $computed = AssessmentWriter::toArray(Cases::assess($case, $changes), Told::in('en'))['computed'];

        return $computed;
    }
}
