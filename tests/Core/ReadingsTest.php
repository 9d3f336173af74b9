<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Zone;
use MintBuckle\Core\Fit\AnchorLimit;
use MintBuckle\Core\Fit\ModeFit;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Fit\ReclineReading;
use MintBuckle\Core\Fit\StrapPlace;
use MintBuckle\Core\Fit\ZoneFit;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Truth\Truth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** What rules lean on: where the strap stands, how the seat lies, which limit holds. */
final class ReadingsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string|null, Truth, list<string>}> changes, offset in mm, right, missing */
    public static function straps(): iterable
    {
        $bare = ['setup.harness.strap' => null, 'setup.harness.slot' => null];

        yield 'from the slot' => [['setup.harness.slot' => 2], '-25 mm', Truth::Yes, []];
        yield 'a measured offset speaks first' => [['setup.harness.slot' => 3, 'setup.harness.strap_offset' => Cases::q(-4, 'mm')], '-4 mm', Truth::Yes, []];
        yield 'a measured offset as far off as it may be' => [['setup.harness.slot' => 2, 'setup.harness.strap_offset' => Cases::q(0, 'mm')], '0 mm', Truth::Yes, []];
        yield 'a measured offset that contradicts slot and shoulder' => [['setup.harness.slot' => 2, 'setup.harness.strap_offset' => Cases::q(0.1, 'mm')], '0.1 mm', Truth::Unknown, ['setup.harness.strap_offset', 'setup.harness.slot', 'child.shoulder_height']];
        yield 'as seen, while the slot is not known' => [['setup.harness.slot' => null, 'setup.harness.strap' => 'above'], null, Truth::No, ['setup.harness.slot']];
        yield 'as seen, at' => [['setup.harness.slot' => null, 'setup.harness.strap' => 'at'], null, Truth::Yes, ['setup.harness.slot']];
        yield 'nothing known' => [$bare, null, Truth::Unknown, ['setup.harness.slot', 'setup.harness.strap']];
        yield 'shoulder not measured' => [$bare + ['child.shoulder_height' => null], null, Truth::Unknown, ['setup.harness.slot', 'child.shoulder_height', 'setup.harness.strap']];
        yield 'no slots, nothing seen' => [$bare + ['seat.slots' => []], null, Truth::Unknown, ['setup.harness.strap']];
        yield 'no slots, seen below' => [['seat.slots' => [], 'setup.harness.slot' => null, 'setup.harness.strap' => 'below'], null, Truth::Yes, []];
        yield 'no standard looked at' => [$bare + ['seat.slots' => [], 'seat.standards' => null], null, Truth::Unknown, ['seat.standards']];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $missing
     */
    #[DataProvider('straps')]
    public function testStrapPlace(array $changes, ?string $offset, Truth $right, array $missing): void
    {
        $place = StrapPlace::of(new AssessmentContext(Cases::read(Cases::REAR, $changes)), ModeName::RearHarness);

        self::assertSame([$offset, $right, $missing], [$place->offset?->show(), $place->right, $place->missing]);
    }

    /** @return iterable<string, array{array<string, mixed>, string|null, bool, bool}> changes, degrees from the vertical, too upright, too flat */
    public static function reclines(): iterable
    {
        yield 'in range' => [[], '38°', false, false];
        yield 'from the horizontal' => [['setup.angle' => Cases::q(50, 'deg'), 'setup.angle_from' => 'horizontal'], '40°', false, false];
        yield 'from the vertical, said so' => [['setup.angle' => Cases::q(50, 'deg'), 'setup.angle_from' => 'vertical'], '50°', false, true];
        yield 'indicator against angle' => [['setup.indicator' => 'too_flat'], '38°', false, true];
        yield 'indicator alone' => [['setup.angle' => null, 'setup.indicator' => 'too_upright'], null, true, false];
        yield 'an angle without a range tells nothing' => [['setup.angle' => Cases::q(5, 'deg'), 'seat.modes.rear_harness.angle_min' => null, 'seat.modes.rear_harness.angle_max' => null], '5°', false, false];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('reclines')]
    public function testReclineReading(array $changes, ?string $angle, bool $upright, bool $flat): void
    {
        $reading = ReclineReading::of(new AssessmentContext(Cases::read(Cases::REAR, $changes)));

        self::assertSame([$angle, $upright, $flat], [$reading->angle?->show(), $reading->isTooUpright(), $reading->isTooFlat()]);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, list<string>, list<string>}> zone, child, why not, missing */
    public static function zones(): iterable
    {
        yield 'for everybody' => [[], [], [], []];
        yield 'old enough to the day' => [['age_min_months' => 14], [], [], []];
        yield 'a month too young' => [['age_min_months' => 15], [], ['too young'], []];
        yield 'at the greatest age' => [['age_max_months' => 14], [], [], []];
        yield 'a month too old' => [['age_max_months' => 13], [], ['too old'], []];
        yield 'at the least weight' => [['weight_min' => Cases::q(21, 'lb')], [], [], []];
        yield 'too light' => [['weight_min' => Cases::q(21.1, 'lb')], [], ['too light'], []];
        yield 'at the greatest weight' => [['weight_max' => Cases::q(21, 'lb')], [], [], []];
        yield 'too heavy' => [['weight_max' => Cases::q(20.9, 'lb')], [], ['too heavy'], []];
        yield 'must sit and does' => [['needs_sitting' => true], [], [], []];
        yield 'must sit and does not' => [['needs_sitting' => true], ['child.sits_unaided' => false], ['does not sit unaided yet'], []];
        yield 'must sit, not known' => [['needs_sitting' => true], ['child.sits_unaided' => null], [], ['child.sits_unaided']];
        yield 'age not known' => [['age_min_months' => 6], ['child.born_on' => null], [], ['child.born_on']];
        yield 'weight not known' => [['weight_max' => Cases::q(30, 'lb')], ['child.weight' => null], [], ['child.weight']];
    }

    /**
     * @param array<string, mixed> $zone
     * @param array<string, mixed> $child
     * @param list<string> $breaks
     * @param list<string> $missing
     */
    #[DataProvider('zones')]
    public function testZoneFit(array $zone, array $child, array $breaks, array $missing): void
    {
        $situation = new AssessmentContext(Cases::read(Cases::REAR, ['seat.modes.rear_harness.zones' => [$zone + ['name' => 'z']]] + $child));
        $fit = ZoneFit::of($situation->modeRules->zones[0] ?? new Zone('none'), $situation);

        self::assertSame([$breaks, $missing], [array_map(Told::in('en')->tell(...), $fit->breaks), $fit->missing]);
    }

    public function testWhichMovementLimitHolds(): void
    {
        $limit = static fn(string $case, mixed $own): Bound => MovementLimit::of(new AssessmentContext(Cases::read($case, ['seat.movement_max' => $own])))->bound ?? self::fail('undecided');

        self::assertSame(['practice:us', true], [$limit(Cases::REAR, null)->from, $limit(Cases::REAR, null)->inclusive]);
        self::assertSame(['practice:nz', false], [$limit(Cases::NZ, null)->from, $limit(Cases::NZ, null)->inclusive]);
        self::assertSame(['seat', true], [$limit(Cases::NZ, Cases::q(30, 'mm'))->from, $limit(Cases::NZ, Cases::q(30, 'mm'))->inclusive], 'also when laxer');
    }

    public function testTheStricterOfSeatAndVehicle(): void
    {
        $limit = static fn(mixed $seat, mixed $vehicle): AnchorLimit => AnchorLimit::of(new AssessmentContext(Cases::read(Cases::REAR, ['seat.lower_anchor_child_max' => $seat, 'vehicle.lower_anchor_child_max' => $vehicle])), ModeName::RearHarness);

        self::assertSame('seat', $limit(Cases::q(35, 'lb'), Cases::q(40, 'lb'))->bound()?->from);
        self::assertSame('vehicle', $limit(Cases::q(40, 'lb'), Cases::q(35, 'lb'))->bound()?->from);
        self::assertSame('vehicle', $limit(null, Cases::q(39, 'lb'))->bound()?->from, 'below the combined weight');
        self::assertSame('practice:us', $limit(null, Cases::q(41, 'lb'))->bound()?->from);
        self::assertFalse($limit(Cases::q(40, 'lb'), ['value' => 40, 'unit' => 'lb', 'below' => true])->bound()->inclusive ?? true, 'equal figures: the one that must not be reached');
    }

    public function testWhyAModeFitsOrNot(): void
    {
        $because = self::because(...);

        self::assertSame([], $because([])[0]);
        self::assertSame(['age 14 months is less than 24 months', 'weight 21 lb is less than 22 lb'], array_reverse(array_slice($because([])[1], 0, 2)));
        self::assertContains('age 14 months is under the floor of 24 months for this mode', $because([])[1]);
        self::assertSame(['weight is not known', 'height is not known'], array_slice($because(['child.weight' => null, 'child.height' => null])[0], 0, 2));
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<list<string>> by mode
     */
    private static function because(array $changes): array
    {
        return array_map(static fn(ModeFit $f): array => array_map(Told::in('en')->tell(...), $f->because()), ModeFits::of(new AssessmentContext(Cases::read(Cases::REAR, ['setup' => null] + $changes)))->all);
    }
}
