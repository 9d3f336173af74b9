<?php

declare(strict_types=1);

namespace Tests\Present;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Present\Drawing\BeltRoute;
use MintBuckle\Present\Drawing\BuckleFront;
use MintBuckle\Present\Drawing\CarAbove;
use MintBuckle\Present\Drawing\SeatSide;
use MintBuckle\Present\Handbook\Help;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Cases;
use Tests\Told;

/** What a drawing shows is also said: whoever cannot see it hears the same, no more and no less. */
final class DrawingWordsTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, list<string>}> case, changes, what is said of the belt's route */
    public static function routes(): iterable
    {
        yield 'belt, locked' => [Cases::REAR, [], ['The vehicle belt holds the seat.', 'The webbing goes under the legs, the rear-facing path.', 'Its length is fixed by: the retractor.']];
        yield 'wrong path, twisted, unlocked' => [Cases::REAR, ['setup.belt_path' => 'forward', 'setup.twisted' => true, 'setup.lock' => []], ['The vehicle belt holds the seat.', 'The webbing goes behind the back, the forward-facing path: the wrong one for this direction.', 'Nothing fixes its length.', 'The webbing is twisted.']];
        yield 'forward-facing, wrong path' => [Cases::FORWARD, ['setup.belt_path' => 'rear', 'setup.held_by' => 'lower_anchors'], ['The lower anchors hold the seat.', 'The webbing goes under the legs, the rear-facing path: the wrong one for this direction.']];
        yield 'anchors' => [Cases::REAR, ['setup.held_by' => 'lower_anchors'], ['The lower anchors hold the seat.', 'The webbing goes under the legs, the rear-facing path.']];
        yield 'both' => [Cases::REAR, ['setup.held_by' => 'both'], ['Belt and lower anchors are both on.', 'The webbing goes under the legs, the rear-facing path.', 'Its length is fixed by: the retractor.']];
        yield 'nothing' => [Cases::REAR, ['setup.held_by' => 'nothing', 'setup.belt_path' => null], ['Nothing holds the seat.', 'Which path the webbing goes through is not known yet.']];
        yield 'not known' => [Cases::REAR, ['setup.held_by' => null, 'setup.belt_path' => null], ['What holds the seat is not known yet.', 'Which path the webbing goes through is not known yet.']];
        yield 'lock not known' => [Cases::REAR, ['setup.lock' => null], ['The vehicle belt holds the seat.', 'The webbing goes under the legs, the rear-facing path.', 'Whether its length is fixed cannot be told yet.']];
        yield 'booster' => [Cases::BOOSTER, [], ['The vehicle belt holds the child; the booster itself needs nothing, or its anchors where the maker allows.']];
        yield 'belt alone' => [Cases::BOOSTER, ['setup.mode' => 'belt_only'], ['No seat is held here.']];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $said
     */
    #[DataProvider('routes')]
    public function testRoute(string $case, array $changes, array $said): void
    {
        self::assertSame($said, Told::all(BeltRoute::of(self::situation($case, $changes))->text));
    }

    public function testStrapsAreDrawnOnlyWhereTheyHold(): void
    {
        $both = BeltRoute::of(self::situation(Cases::REAR, ['setup.held_by' => 'both']));
        self::assertSame([2, 2], [count($both->belt), count($both->straps)]);
        self::assertSame([0, 0], [count(BeltRoute::of(self::situation(Cases::BOOSTER, ['setup.held_by' => 'lower_anchors']))->straps), count(BeltRoute::of(self::situation(Cases::REAR, ['setup.held_by' => 'nothing']))->belt)]);
        self::assertSame([true, false], [BeltRoute::of(self::situation(Cases::REAR, ['setup.twisted' => true]))->twisted, BeltRoute::of(self::situation(Cases::REAR, ['setup.twisted' => null]))->twisted], 'unknown is not drawn as twisted');
        self::assertNull(BeltRoute::of(self::situation(Cases::REAR, ['setup.belt_path' => null]))->rightPath);
    }

    /** @return iterable<string, array{string, array<string, mixed>, list<string>}> */
    public static function fronts(): iterable
    {
        yield 'good' => [Cases::REAR, [], ['The shoulder is 270 mm above the cushion.', 'The straps come from slot 2.', 'Slot 2 is right.', 'The chest clip is at the armpits.', 'The straps are tight.']];
        yield 'loose and high' => [Cases::REAR, ['setup.harness.slot' => 3, 'setup.harness.clip' => 'high', 'setup.harness.tightness.passes' => false], ['The shoulder is 270 mm above the cushion.', 'The straps come from slot 3.', 'Slot 2 is right.', 'The chest clip is too high.', 'The straps are slack.']];
        yield 'clip undone' => [Cases::REAR, ['setup.harness.clip' => 'none'], ['The shoulder is 270 mm above the cushion.', 'The straps come from slot 2.', 'Slot 2 is right.', 'The chest clip is undone.', 'The straps are tight.']];
        yield 'nothing known' => [Cases::REAR, ['child.shoulder_height' => null, 'setup.harness' => null], ['The shoulder has not been measured.', 'The slot in use is not known.', 'Which slot is right cannot be told yet.', 'The chest clip has not been looked at.', 'The tightness test has not been done.']];
        yield 'booster' => [Cases::BOOSTER, ['child.shoulder_height' => null, 'setup.booster.shoulder' => 'off_shoulder', 'setup.booster.lap' => 'belly'], ['The shoulder has not been measured.', 'The lap part lies on the belly.', 'The shoulder part is off the shoulder.']];
        yield 'booster not looked at' => [Cases::BOOSTER, ['child.shoulder_height' => null, 'setup.booster' => null], ['The shoulder has not been measured.', 'The lap part has not been looked at.', 'The shoulder part has not been looked at.']];
        yield 'belt alone' => [Cases::BOOSTER, ['child.shoulder_height' => null, 'setup.mode' => 'belt_only'], ['The shoulder has not been measured.', 'The child rides with the seat belt alone.']];
        yield 'no mode' => [Cases::REAR, ['child.shoulder_height' => null, 'setup.mode' => null], ['The shoulder has not been measured.', 'How the child rides is not known yet.']];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $said
     */
    #[DataProvider('fronts')]
    public function testFront(string $case, array $changes, array $said): void
    {
        self::assertSame($said, Told::all(BuckleFront::of(self::situation($case, $changes))->text));
    }

    public function testTheFrontWithoutLeadSaysNothingOfWhatWouldBeRight(): void
    {
        $front = BuckleFront::of(self::situation(Cases::REAR, ['setup.harness.slot' => null]), lead: false);
        self::assertSame([], array_values(array_filter(Told::all($front->text), static fn(string $line): bool => str_contains($line, 'right'))));
        // Once a slot was recorded, what is right may show.
        self::assertContains('Slot 2 is right.', Told::all(BuckleFront::of(self::situation(Cases::REAR, ['setup.harness.slot' => 3]), lead: false)->text));
    }

    public function testTheBeltOverABooster(): void
    {
        $at = static fn(string $shoulder): ?float => BuckleFront::of(self::situation(Cases::BOOSTER, ['setup.booster.shoulder' => $shoulder]))->belt['shoulder'] ?? null;
        self::assertTrue($at('neck') > $at('mid_chest') && $at('mid_chest') > $at('off_shoulder'), 'from the neck outwards');
        self::assertTrue(BuckleFront::of(self::situation(Cases::BOOSTER, ['setup.booster.under_arm' => true]))->belt['underArm'] ?? false);
        self::assertFalse(BuckleFront::of(self::situation(Cases::BOOSTER, ['setup.booster.under_arm' => null]))->belt['underArm'] ?? true);
        self::assertNull(BuckleFront::of(self::situation(Cases::REAR))->belt);
    }

    /** @return iterable<string, array{string, array<string, mixed>, list<string>}> */
    public static function sides(): iterable
    {
        $angle = ['setup.angle' => Cases::q(40, 'deg'), 'seat.modes.rear_harness.angle_min' => Cases::q(30, 'deg'), 'seat.modes.rear_harness.angle_max' => Cases::q(45, 'deg'), 'setup.overhang' => Cases::q(20, 'mm')];
        yield 'all read' => [Cases::REAR, $angle + ['setup.indicator' => 'in'], ['The recline indicator stands in its zone.', 'The back of the shell leans 40° from the vertical.', 'The seat allows 30° to 45°.', 'The base hangs 20 mm over the cushion\'s edge.', 'Nothing lies under the seat.', 'The tether is not used.']];
        yield 'upright on a noodle' => [Cases::REAR, $angle + ['setup.indicator' => 'too_upright', 'setup.wedge' => 'noodle', 'setup.tether.used' => true], ['The recline indicator says too upright.', 'The back of the shell leans 40° from the vertical.', 'The seat allows 30° to 45°.', 'The base hangs 20 mm over the cushion\'s edge.', 'A noodle lies under the seat.', 'The tether is hooked on.']];
        yield 'flat on a towel' => [Cases::REAR, ['setup.angle' => null, 'setup.indicator' => 'too_flat', 'setup.wedge' => 'towel', 'setup.overhang' => null, 'setup.tether.used' => null, 'seat.modes.rear_harness.angle_min' => null], ['The recline indicator says too flat.', 'The overhang has not been measured.', 'A towel lies under the seat.']];
        yield 'not read' => [Cases::REAR, ['setup.angle' => null, 'setup.indicator' => null, 'setup.wedge' => null, 'setup.overhang' => null, 'setup.tether' => null, 'seat.modes.rear_harness.angle_max' => null], ['The recline indicator has not been read.', 'The overhang has not been measured.']];
        yield 'forward' => [Cases::FORWARD, ['setup.angle' => null, 'setup.wedge' => null, 'setup.overhang' => null, 'setup.tether.used' => false], ['The overhang has not been measured.', 'The tether is not used.']];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $said
     */
    #[DataProvider('sides')]
    public function testSide(string $case, array $changes, array $said): void
    {
        self::assertSame($said, Told::all(SeatSide::of(self::situation($case, $changes), LengthUnit::Millimetre)->text));
    }

    public function testTheSideViewDrawsWhatLiesThere(): void
    {
        $with = static fn(string $wedge): SeatSide => SeatSide::of(self::situation(Cases::REAR, ['setup.wedge' => $wedge]));
        self::assertSame([1, true, false], [count($with('noodle')->noodles), $with('noodle')->towel === null, $with('noodle')->wedgeProposed]);
        self::assertSame([0, false], [count($with('towel')->noodles), $with('towel')->towel === null]);
        self::assertSame([0, true], [count($with('none')->noodles), $with('none')->towel === null]);
        self::assertFalse(SeatSide::of(self::situation(Cases::REAR, ['setup.overhang' => null, 'setup.base_on_cushion' => null]))->edgeMeasured);
        self::assertTrue(SeatSide::of(self::situation(Cases::REAR, ['setup.overhang' => null, 'setup.base_on_cushion' => 0.9]))->edgeMeasured);
        self::assertNull(SeatSide::of(self::situation(Cases::REAR, ['setup.angle' => null, 'setup.indicator' => null]))->inRange);
        self::assertFalse(SeatSide::of(self::situation(Cases::REAR, ['setup.indicator' => 'too_flat']))->inRange);
    }

    public function testTheCarInWords(): void
    {
        $text = Told::all(CarAbove::of(self::situation(Cases::REAR, ['vehicle.positions.0.airbag' => true, 'vehicle.positions.0.taken' => true, 'vehicle.positions.1.tether_anchor' => false, 'vehicle.positions.2.belt' => 'lap', 'vehicle.positions.2.side_facing' => true]))->text);
        self::assertStringContainsString('airbag ahead, taken', $text[0]);
        self::assertStringContainsString('no tether anchor; the seat is here.', $text[1]);
        self::assertStringContainsString('lap belt only', $text[2]);
        self::assertStringContainsString('faces sideways', $text[2]);
        self::assertSame(['The car has not been entered.'], Told::all(CarAbove::of(self::situation(Cases::REAR, ['vehicle' => null, 'setup.position' => null]))->text));
        self::assertNull(CarAbove::of(self::situation(Cases::REAR, ['setup.mode' => null]))->rear);
    }

    public function testHelpFollowsTheDirection(): void
    {
        $words = static fn(?bool $rear): string => implode(' ', Told::all(Help::gettingItTight($rear)->steps));
        self::assertStringContainsString('tighten the tether', $words(false));
        self::assertStringNotContainsString('tighten the tether', $words(true) . $words(null));
        self::assertStringContainsString('noodle or towel', $words(true));
        self::assertStringNotContainsString('noodle or towel', $words(false) . $words(null));
    }

    /** @param array<string, mixed> $changes */
    private static function situation(string $case, array $changes = []): AssessmentContext
    {
        return new AssessmentContext(Cases::read($case, $changes));
    }
}
