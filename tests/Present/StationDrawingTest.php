<?php

declare(strict_types=1);

namespace Tests\Present;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Truth\Truth;
use MintBuckle\Present\Drawing\BeltRoute;
use MintBuckle\Present\Drawing\BuckleFront;
use MintBuckle\Present\Drawing\CarAbove;
use MintBuckle\Present\Drawing\CarPlace;
use MintBuckle\Present\Drawing\ModeField;
use MintBuckle\Present\Drawing\ModePlane;
use MintBuckle\Present\Drawing\MovementGauge;
use MintBuckle\Present\Drawing\SeatParts;
use MintBuckle\Present\Drawing\SeatSide;
use MintBuckle\Present\Drawing\SideGeometry;
use PHPUnit\Framework\TestCase;
use Tests\Core\Cases;
use Tests\Told;

/** The drawings of the stations history, child, place, secure and measure, as numbers. */
final class StationDrawingTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function situation(string $case, array $changes = []): AssessmentContext
    {
        return new AssessmentContext(Cases::read($case, $changes));
    }

    public function testThePartsShowWhatIsDamagedMissingOrForeign(): void
    {
        $drawing = SeatParts::of(self::situation(Cases::REAR, ['seat.history.damage' => ['harness frayed', 'Shell'], 'seat.history.parts_missing' => [['name' => 'base', 'essential' => true], ['name' => 'label', 'essential' => false], ['name' => 'canopy', 'essential' => false]], 'seat.history.extras' => [['name' => 'mat', 'approved' => false], ['name' => 'insert', 'approved' => true], ['name' => 'toy', 'approved' => null]]]));

        self::assertSame(
            ['shell' => 'damaged', 'harness' => 'damaged', 'buckle' => 'whole', 'adjuster' => 'whole', 'tether' => 'whole', 'base' => 'missing', 'label' => 'missing_minor'],
            array_column($drawing->parts, 'state', 'part'),
        );
        self::assertSame(['canopy'], $drawing->others, 'what is none of the drawn parts is named beside them');
        self::assertSame(['mat' => true, 'insert' => false, 'toy' => null], array_column($drawing->extras, 'foreign', 'name'));
        self::assertContains('Added: mat, not from the maker; insert, approved by the maker; toy, not known whether approved.', Told::all($drawing->text));
    }

    public function testPartsNobodyLookedAtAreNeitherWholeNorBroken(): void
    {
        $drawing = SeatParts::of(self::situation(Cases::REAR, ['seat.history.damage' => [], 'seat.history.parts_missing' => null, 'seat.history.extras' => null]));

        self::assertSame(['unknown'], array_values(array_unique(array_column($drawing->parts, 'state'))));
        self::assertFalse($drawing->extrasKnown);
    }

    public function testPartsAreApartByMoreThanAThumb(): void
    {
        $parts = SeatParts::of(self::situation(Cases::REAR))->parts;
        foreach ($parts as $one) {
            foreach ($parts as $other) {
                self::assertTrue($one === $other || hypot($one['x'] - $other['x'], $one['y'] - $other['y']) >= 80, "{$one['part']} and {$other['part']}");
            }
        }
    }

    public function testThePlaneIsLinearInWeightAndHeight(): void
    {
        // 4 to 18 kg by 500 to 1020 mm for rear_harness, the child at 9 kg and 760 mm.
        $plane = ModePlane::of(self::situation(Cases::REAR, [
            'seat.modes.rear_harness.weight_min' => Cases::q(4, 'kg'), 'seat.modes.rear_harness.weight_max' => Cases::q(18, 'kg'),
            'seat.modes.rear_harness.height_min' => Cases::q(500, 'mm'), 'seat.modes.rear_harness.height_max' => Cases::q(1020, 'mm'),
            'child.weight' => Cases::q(9, 'kg'), 'child.height' => Cases::q(760, 'mm'),
        ]), MassUnit::Kilogram, LengthUnit::Centimetre);
        $rear = self::field($plane, 'rear_harness');

        self::assertNotNull($plane->child);
        self::assertEqualsWithDelta(5 / 14, ($plane->child[0] - $rear->x) / $rear->width, 0.002);
        self::assertEqualsWithDelta(260 / 520, ($rear->y + $rear->height - $plane->child[1]) / $rear->height, 0.002);
        self::assertSame($plane->child, $plane->path[0], 'the path starts at what was measured');
        self::assertTrue($rear->inUse);
        self::assertSame(Truth::Yes, $rear->fits);
        self::assertMatchesRegularExpression('/^20\d\d-\d\d$/', (string) $rear->leaves);
    }

    public function testAChildIsNeverDrawnShrinking(): void
    {
        // Under two the chart is length, from there stature, 0.7 cm less.
        $path = ModePlane::of(self::situation(Cases::REAR, ['child.born_on' => '2024-12-01']))->path;
        for ($i = 1; $i < count($path); $i++) {
            self::assertGreaterThanOrEqual($path[$i - 1][0], $path[$i][0]);
            self::assertLessThanOrEqual($path[$i - 1][1], $path[$i][1]);
        }
        self::assertGreaterThan(4, count($path));
    }

    public function testThePathEndsWithThePlane(): void
    {
        $plane = ModePlane::of(self::situation(Cases::REAR));
        /** @param array{float, float} $point */
        $inside = static fn(array $point): bool => $point[0] < ModePlane::RIGHT && $point[1] > ModePlane::TOP;

        self::assertSame([], array_filter(array_slice($plane->path, 0, -1), static fn(array $point): bool => ! $inside($point)));
    }

    public function testSpreadLiesRoundThePath(): void
    {
        $plane = ModePlane::of(self::situation(Cases::REAR));
        $half = intdiv(count($plane->spread), 2);
        self::assertLessThan($plane->path[3][1], $plane->spread[3][1], 'half a z taller is above');
        self::assertGreaterThan($plane->path[3][1], $plane->spread[count($plane->spread) - 4][1]);
        self::assertGreaterThan(2, $half);
    }

    public function testAModeWithoutALimitGoesToTheEdge(): void
    {
        $field = self::field(ModePlane::of(self::situation(Cases::REAR, ['seat.modes.rear_harness.weight_max' => null, 'seat.modes.rear_harness.height_min' => null])), 'rear_harness');
        self::assertSame((float) ModePlane::RIGHT, $field->x + $field->width);
        self::assertEqualsWithDelta(ModePlane::BOTTOM, $field->y + $field->height, 0.11);
    }

    public function testWithoutMeasuresNoPointIsDrawn(): void
    {
        $plane = ModePlane::of(self::situation(Cases::REAR, ['child.weight' => null]));
        self::assertSame([null, [], []], [$plane->child, $plane->path, $plane->spread]);
        self::assertSame('The child has not been weighed and measured.', Told::english($plane->text[0]));
    }

    public function testTheCarStandsInRowsAndColumns(): void
    {
        $car = CarAbove::of(self::situation(Cases::REAR));
        $at = array_combine(array_map(static fn(CarPlace $p): string => $p->position->name, $car->places), $car->places);

        self::assertSame($at['2L']->y, $at['2R']->y);
        self::assertGreaterThan($at['1R']->y, $at['2R']->y, 'the front is at the top');
        self::assertSame($at['1R']->x, $at['2R']->x);
        self::assertEqualsWithDelta($at['2C']->x - $at['2L']->x, $at['2R']->x - $at['2C']->x, 0.01);
        self::assertSame(['2L'], array_values(array_filter(array_keys($at), static fn(string $name): bool => $at[$name]->inUse)));
        self::assertContains('lap and shoulder belt', array_map(Told::in('en')->tell(...), $at['2L']->signs));
        self::assertTrue($car->rear);
        self::assertFalse(CarAbove::of(self::situation(Cases::FORWARD))->rear);
    }

    public function testTheBeltRunsThroughThePathThatIsUsed(): void
    {
        $right = BeltRoute::of(self::situation(Cases::REAR));
        $wrong = BeltRoute::of(self::situation(Cases::REAR, ['setup.belt_path' => 'forward', 'setup.twisted' => true, 'setup.lock' => []]));

        self::assertSame([true, true, false], [$right->rightPath, $right->fixed, $right->twisted]);
        self::assertSame([false, false, true], [$wrong->rightPath, $wrong->fixed, $wrong->twisted]);
        self::assertSame(BeltRoute::RETRACTOR, $right->belt[0][0]);
        self::assertSame([BeltRoute::LATCH_PLATE, BeltRoute::LATCH_PLATE], [$right->belt[0][3], $right->belt[1][3]]);
        self::assertEqualsWithDelta(BeltRoute::PATHS['rear'], ($right->belt[0][1][1] + $right->belt[1][1][1]) / 2, 0.01);
        self::assertEqualsWithDelta(BeltRoute::PATHS['forward'], ($wrong->belt[0][1][1] + $wrong->belt[1][1][1]) / 2, 0.01);
        self::assertContains('Nothing fixes its length.', Told::all($wrong->text));
    }

    public function testAClaimedLockThatCannotHoldIsDrawnAsSuch(): void
    {
        $route = BeltRoute::of(self::situation(Cases::REAR, ['setup.lock' => ['retractor'], 'vehicle.positions.1.retractor' => 'elr']));
        $locks = array_column($route->locks, null, 'lock');

        self::assertSame([true, Truth::No], [$locks['retractor']['claimed'], $locks['retractor']['holds']]);
        self::assertFalse($route->fixed);
        self::assertNull(BeltRoute::of(self::situation(Cases::REAR, ['setup.lock' => ['retractor'], 'vehicle.positions.1.retractor' => null]))->fixed);
    }

    public function testAnchorStrapsGoToTheBars(): void
    {
        $route = BeltRoute::of(self::situation(Cases::REAR, ['setup.held_by' => 'lower_anchors', 'setup.lock' => null]));

        self::assertSame([[], [], null], [$route->belt, $route->locks, $route->fixed]);
        self::assertSame(BeltRoute::BARS, array_column($route->straps, 1));
        self::assertSame([], BeltRoute::of(self::situation(Cases::BOOSTER))->belt, 'over a booster the belt holds the child');
    }

    public function testTheSideViewIsToScale(): void
    {
        $side = SeatSide::of(self::situation(Cases::REAR, ['setup.overhang' => Cases::q(50, 'mm'), 'setup.angle' => Cases::q(40, 'deg'), 'seat.modes.rear_harness.angle_min' => Cases::q(30, 'deg'), 'seat.modes.rear_harness.angle_max' => Cases::q(45, 'deg')]));
        $lean = static fn(float $x, float $y): float => rad2deg(atan2($side->shell[0] - $x, $side->shell[1] - $y));

        self::assertEqualsWithDelta(300 * SideGeometry::PIXELS_A_MM, $side->base[1] - $side->base[0], 0.11);
        self::assertEqualsWithDelta(50 * SideGeometry::PIXELS_A_MM, $side->edge - $side->base[0], 0.11);
        self::assertEqualsWithDelta(76.2 * SideGeometry::PIXELS_A_MM, (float) $side->allowedEdge - $side->base[0], 0.11);
        self::assertEqualsWithDelta(40, $lean($side->shell[2], $side->shell[3]), 0.1);
        self::assertNotNull($side->range);
        self::assertEqualsWithDelta(30, $lean($side->range[0], $side->range[1]), 0.1);
        self::assertEqualsWithDelta(45, $lean($side->range[2], $side->range[3]), 0.1);
        self::assertTrue($side->inRange);
    }

    public function testNoodlesTouchTheCushionAndTheCrease(): void
    {
        $side = SeatSide::of(self::situation(Cases::REAR, ['setup.angle' => Cases::q(27, 'deg'), 'setup.indicator' => null]));
        self::assertTrue($side->wedgeProposed);
        foreach ($side->noodles as $noodle) {
            self::assertLessThanOrEqual(SideGeometry::CREASE[0] + 0.11, $noodle['x'] + $noodle['r']);
            self::assertLessThanOrEqual(SideGeometry::CREASE[1] + 0.11, $noodle['y'] + $noodle['r']);
        }
        // What was found shows what is there, not what would be right.
        $found = SeatSide::of(self::situation(Cases::REAR, ['setup.angle' => Cases::q(27, 'deg'), 'setup.indicator' => null]), lead: false);
        self::assertSame([[], null, null], [$found->noodles, $found->range, $found->allowedEdge]);
    }

    public function testNothingLeadsWhileAsFoundIsRecorded(): void
    {
        $situation = self::situation(Cases::REAR, ['setup.harness.slot' => null, 'setup.harness.strap' => null]);
        $right = static fn(bool $lead): array => array_column(array_filter(BuckleFront::of($situation, lead: $lead)->slots, static fn(array $s): bool => $s['right']), 'number');

        self::assertSame([[2], []], [$right(true), $right(false)]);
    }

    public function testThreeLooseTriesOfOneDirectionAreEnough(): void
    {
        $mm = static fn(int ...$all): array => array_values(array_map(static fn(int $one): Length => Length::of($one), $all));

        self::assertFalse(self::isLoose(['side' => $mm(40, 30), 'front' => $mm(40)]), 'three, but not of one direction');
        self::assertTrue(self::isLoose(['side' => $mm(40, 30, 26), 'front' => []]));
        self::assertTrue(self::isLoose(['side' => $mm(10), 'front' => $mm(10, 40, 30, 26)]));
        self::assertFalse(self::isLoose(['side' => $mm(40, 30, 26, 25), 'front' => []]), 'the last one held');
    }

    /** @param array<string, list<Length>> $tries */
    private static function isLoose(array $tries): bool
    {
        return MovementGauge::of($tries, RegionalPractice::of(PracticeCode::Us)->movement, LengthUnit::Millimetre)->isStillLoose();
    }

    public function testAChildOfWhichHalfIsKnownIsNoPoint(): void
    {
        foreach ([['child.weight' => null], ['child.height' => null], ['child.weight' => null, 'child.height' => null]] as $unknown) {
            $plane = ModePlane::of(self::situation(Cases::REAR, $unknown));
            self::assertNull($plane->child);
            self::assertSame('The child has not been weighed and measured.', Told::english($plane->text[0]));
        }
        self::assertStringStartsWith('The child weighs', Told::english(ModePlane::of(self::situation(Cases::REAR))->text[0]));
    }

    private static function field(ModePlane $plane, string $mode): ModeField
    {
        foreach ($plane->fields as $field) {
            if ($field->mode->value === $mode) {
                return $field;
            }
        }
        self::fail("no field {$mode}");
    }
}
