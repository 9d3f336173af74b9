<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Catalogue\SeatInstead;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Fit\ModeFit;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Fit\ReclineReading;
use MintBuckle\Core\Fit\StrapPlace;
use MintBuckle\Core\Growth\GrowthReference;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Recall\RecallIntake;
use MintBuckle\Core\Room\RoomAhead;
use MintBuckle\Core\Rules\History\ExtrasRule;
use MintBuckle\Core\Rules\Measure\ReclineSettingRule;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Rules\Secure\AnchorWeightRule;
use MintBuckle\Core\Truth\Truth;
use MintBuckle\Core\Wedge\WedgeSize;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** Edges that a single changed sign or number would move: found by breaking the core on purpose. */
final class EdgesTest extends TestCase
{
    public function testTheRangeForSizingAWedgeWhereTheSeatGivesNone(): void
    {
        $stack = static function (float $angle, int $base, bool $sits): ?string {
            $free = ['seat.modes.rear_harness.angle_min' => null, 'seat.modes.rear_harness.angle_max' => null, 'setup.indicator' => 'too_upright', 'setup.angle' => Cases::q($angle, 'deg'), 'seat.base_length' => Cases::q($base, 'mm'), 'child.sits_unaided' => $sits];

            return WedgeSize::of(new AssessmentContext(Cases::read(Cases::REAR, $free)))?->stack;
        };
        // One noodle gains 7.76 degrees over 400 mm and 16.55 over 200 mm; the range for sizing is 30 to 45 degrees, 40 to 45 before sitting.
        self::assertSame(['one_noodle', 'towel'], [$stack(37.2, 400, false), $stack(37.4, 400, false)]);
        self::assertSame(['one_noodle', 'towel'], [$stack(28.4, 200, true), $stack(28.6, 200, true)]);
        self::assertNull($stack(30, 400, true), 'nothing is missing for a child that sits');
        self::assertNotNull($stack(39.9, 400, false));
    }

    /** An indicator that stands right overrules the default range; the seat's own range overrules nothing that was read. */
    public function testAWedgeIsSizedByTheDefaultOnlyWhereNothingElseSpeaks(): void
    {
        $none = ['seat.modes.rear_harness.angle_min' => null, 'seat.modes.rear_harness.angle_max' => null];

        self::assertNotNull(self::wedge([...$none, 'setup.indicator' => null]));
        self::assertNull(self::wedge([...$none, 'setup.indicator' => 'in']));
        self::assertNull(self::wedge([...$none, 'setup.indicator' => 'too_flat']));
        self::assertNull(self::wedge(['seat.modes.rear_harness.angle_min' => Cases::q(25, 'deg'), 'setup.indicator' => null]), 'within the seat\'s own range');
    }

    public function testTheForecastSpreadsByHalfAZAndTheChartChangesAtTwoYears(): void
    {
        self::assertSame([0.5, 24], [OutgrowForecast::SPREAD_Z, GrowthReference::CHANGE_MONTHS]);
    }

    public function testAPossibleStopIsAskedFirst(): void
    {
        $campaign = static fn(string $advice): array => ['recall_list.campaigns' => [['id' => 'R-1', 'maker' => 'Ottermoor', 'models' => ['OM-220'], 'made_from' => '2023-03-10', 'made_to' => '2023-03-20', 'advice' => $advice]], 'seat.made_on' => '2023-03'];
        $weight = static fn(string $advice): array => array_values(array_map(static fn(Question $q): Severity => $q->couldBe, array_filter(Cases::assess(Cases::REAR, $campaign($advice))->questions, static fn(Question $q): bool => $q->path === 'seat.made_on')));

        self::assertSame([[Severity::Stop], [Severity::Advise]], [$weight('stop_use'), $weight('usable_until_remedy')]);
        self::assertSame('seat.made_on', Cases::asked(Cases::assess(Cases::REAR, $campaign('stop_use') + ['setup.twisted' => null]))[0]);
    }

    public function testMonthsUpToThreeHundred(): void
    {
        self::assertSame(300, Cases::read(Cases::REAR, ['child.born_on' => null, 'child.age_months' => 300])->child->ageMonths?->toInt());
        $this->expectException(InvalidCase::class);
        Cases::read(Cases::REAR, ['child.born_on' => null, 'child.age_months' => 301]);
    }

    public function testALawWithoutAnAgeIsAsked(): void
    {
        $alone = ['setup.mode' => 'belt_only', 'setup.belt_fit' => ['back' => true, 'knees' => true, 'lap' => true, 'shoulder' => true, 'stays' => true], 'child.height' => Cases::q(150, 'cm'), 'child.born_on' => null];
        $asked = static fn(?int $months): array => array_values(array_intersect(Cases::asked(Cases::assess(Cases::BOOSTER, $alone + ['law.booster_until_months' => $months, 'law.back_row_until_months' => null])), ['child.born_on']));

        self::assertSame(['child.born_on'], $asked(96));
    }

    public function testAForbiddenSlotNeedsNoHeight(): void
    {
        $slots = [['height' => Cases::q(245, 'mm')], ['height' => null]];
        $of = static fn(array $forbidden): ?int => Cases::assess(Cases::REAR, ['seat.slots' => $slots, 'setup.harness.slot' => 1, 'setup.harness.strap' => null, 'seat.modes.rear_harness.slots_forbidden' => $forbidden])->computed()->harnessSlot;

        self::assertSame([1, null], [$of([2]), $of([])]);
    }

    public function testAnInsertOrSettingWithoutWeightsAsksForNone(): void
    {
        $ofHistory = static fn(?array $max): array => array_values(array_filter(Cases::assess(Cases::REAR, ['setup.harness.insert' => 'pad', 'seat.inserts' => [['name' => 'pad', 'weight_max' => $max]], 'child.weight' => null])->questions, static fn(Question $q): bool => $q->path === 'child.weight' && $q->station->value === 'history'));

        self::assertContains('child.weight', Cases::asked(Cases::assess(Cases::REAR, ['setup.harness.insert' => 'pad', 'child.weight' => null])));
        self::assertSame([], $ofHistory(null));
    }

    /** @return iterable<string, array{array<string, mixed>}> a limit on one side only */
    public static function oneSided(): iterable
    {
        yield 'no more than' => [['weight_max' => Cases::q(30, 'lb')]];
        yield 'at least' => [['weight_min' => Cases::q(5, 'lb')]];
    }

    /** @param array<string, mixed> $limit */
    #[DataProvider('oneSided')]
    public function testOneLimitIsEnoughToNeedTheWeight(array $limit): void
    {
        self::assertSame(1, self::weightAsked(new ExtrasRule(), ['setup.harness.insert' => 'pad', 'seat.inserts' => [['name' => 'pad'] + $limit]]));
        self::assertSame(1, self::weightAsked(new ReclineSettingRule(), ['seat.modes.rear_harness.recline' => [['settings' => [1]] + $limit], 'setup.recline_setting' => 1]));
        self::assertSame(0, self::weightAsked(new ReclineSettingRule(), ['seat.modes.rear_harness.recline' => [['settings' => [1]]], 'setup.recline_setting' => 1]));
    }

    public function testABoosterThatTheSeatDoesNotOfferHasItsFloorsToo(): void
    {
        self::assertSame(['stop mode.not_offered', 'stop mode.booster_early'], Cases::found(Cases::assess(Cases::BOOSTER, ['seat.modes.high_back_booster' => null, 'child.born_on' => '2024-06-01', 'child.weight' => Cases::q(12, 'kg')])));
    }

    public function testWithoutAPlaceNothingOfAPlaceIsAsked(): void
    {
        $unknown = ['vehicle.positions.1.side_facing' => null, 'vehicle.positions.1.taken' => null];

        self::assertSame([], self::askedOfThePlace(['setup.position' => null] + $unknown));
        self::assertSame(['vehicle.positions.1.side_facing', 'vehicle.positions.1.taken'], self::askedOfThePlace(['setup.mode' => null] + $unknown), 'whatever the way of riding');
        self::assertSame(['vehicle.positions.1.side_facing'], self::askedOfThePlace(['setup.mode' => 'belt_only'] + $unknown), 'without a seat nothing takes it');
        self::assertEqualsCanonicalizing(['vehicle.positions.1.taken', 'vehicle.positions.1.side_facing'], self::askedOfThePlace($unknown));
    }

    public function testAFootThatTheModeDoesNotNameMayStandAnywhere(): void
    {
        self::assertSame([], Cases::found(Cases::assess(Cases::REAR, ['setup.foot' => 'up', 'seat.modes.rear_harness.foot' => null])));
    }

    public function testAHandleWithoutAnotherPositionGainsNoRoom(): void
    {
        self::assertSame([], RoomAhead::of(Length::of(100), handle: Length::of(60))->gains);
        self::assertSame([], RoomAhead::of(Length::of(100), otherHandle: Length::of(60))->gains);
    }

    public function testWhereTheStrapLeavesASeatWithoutSlots(): void
    {
        $missing = static fn(string $rule, ?string $seen): array => StrapPlace::of(new AssessmentContext(Cases::read(Cases::REAR, ['seat.strap_rule_rear' => $rule, 'seat.slots' => [], 'setup.harness.slot' => null, 'setup.harness.strap' => $seen, 'setup.harness.strap_offset' => null])), ModeName::RearHarness)->missing;

        self::assertSame([['setup.harness.strap_offset'], ['setup.harness.strap']], [$missing('level_to_25_above', null), $missing('at_or_below', null)]);
    }

    public function testAModeFitsByTheWayOfHoldingThatFits(): void
    {
        $belt = static fn(int $pounds): array => ['value' => $pounds, 'unit' => 'lb', 'held_by' => 'belt'];
        $anchors = static fn(int $pounds, ?string $from = null): array => ['value' => $pounds, 'unit' => 'lb', 'held_by' => 'lower_anchors'] + ($from === null ? [] : ['made_from' => $from]);

        $both = self::rearFit([$belt(40), $anchors(20)]);
        self::assertSame([Truth::Yes, ['only held by the belt']], [$both?->fits, array_map(Told::in('en')->tell(...), $both?->because() ?? [])]);
        self::assertSame(Truth::Unknown, self::rearFit([$belt(20), $anchors(30), $anchors(18, '2024-01-01')], ['seat.made_on' => null])?->fits, 'what may still fit is not ruled out by what does not');
    }

    public function testTheModeInUseNeedsItsLimits(): void
    {
        $fit = static fn(string $mode): ?ModeFit => ModeFits::of(new AssessmentContext(Cases::read(Cases::REAR, ["seat.modes.{$mode}.weight_max" => null, "seat.modes.{$mode}.height_max" => null])))->for(ModeName::from($mode));

        self::assertSame([Truth::Unknown, ['seat.modes.rear_harness.weight_max', 'seat.modes.rear_harness.height_max']], [$fit('rear_harness')?->fits, $fit('rear_harness')?->missing]);
        self::assertSame(Truth::No, $fit('forward_harness')?->fits, 'too young for it whatever its limits');
        self::assertNotContains('seat.modes.forward_harness.weight_max', Cases::asked(Cases::assess(Cases::REAR, ['seat.modes.forward_harness.weight_max' => null])), 'only the mode in use is asked for');
    }

    public function testAListsDateIsFaultedOnce(): void
    {
        $problems = static function (?string $dated): array {
            $intake = new RecallIntake(CalendarDate::of(2026, 10, 14));
            $intake->dated($dated);
            try {
                $intake->stopIfAny();
            } catch (InvalidCase $e) {
                return array_column($e->problems, 'message');
            }

            return [];
        };

        self::assertSame([[], [], ['lies after today']], [$problems('2026-10-14'), $problems('2026-10-15'), $problems('2026-10-16')], 'where it is made it can be a day later');
        self::assertSame([1, 1], [count($problems(null)), count($problems('2026-13-01'))]);
    }

    public function testReadingStopsAtAHundredProblems(): void
    {
        $intake = new RecallIntake(CalendarDate::of(2026, 10, 14));
        $hopeless = static function (int $more) use ($intake): bool {
            array_map(static fn(int $line) => $intake->problem("line {$line}", 'is no campaign'), range(1, $more));

            return $intake->isHopeless();
        };

        self::assertFalse($intake->hasProblems());
        self::assertSame([false, true], [$hopeless(99), $hopeless(1)]);
        self::assertTrue($intake->hasProblems());
    }

    /** @return iterable<string, array{string, array<string, mixed>, Truth, string}> way, changes, whether it works, why */
    public static function locks(): iterable
    {
        $here = 'vehicle.positions.1.';
        $required = ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required', $here . 'retractor' => 'elr'];

        yield 'a lock-off' => ['lockoff', ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'allowed'], Truth::Yes, 'The seat itself holds the belt.'];
        yield 'a lock-off, but no belt' => ['lockoff', ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'allowed', $here . 'belt' => 'none'], Truth::No, 'There is no belt here.'];
        yield 'a lock-off whose maker asks for more' => ['lockoff', $required, Truth::No, 'Its maker wants the retractor locked too, and this one cannot.'];
        yield 'a lock-off, and who knows what belt' => ['lockoff', ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'allowed', $here . 'belt' => null], Truth::Unknown, 'It is not known whether the seat has one, or what the belt here is.'];
        yield 'a sewn plate' => ['latch_plate', [$here . 'latch_plate' => 'sewn'], Truth::No, 'The latch plate is sewn on and cannot hold the lap part.'];
        yield 'a sliding plate' => ['latch_plate', [$here . 'latch_plate' => 'sliding'], Truth::No, 'Nothing in this latch plate holds the lap part.'];
        yield 'a retractor for emergencies' => ['retractor', [$here . 'retractor' => 'elr'], Truth::No, 'This retractor stops only on a tug and locks nothing.'];
        yield 'no retractor' => ['retractor', [$here . 'retractor' => 'none'], Truth::No, 'No retractor here can lock.'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('locks')]
    public function testALockSaysWhy(string $name, array $changes, Truth $works, string $because): void
    {
        $ways = Cases::assess(Cases::REAR, $changes)->computed()->beltLock ?? [];
        $way = array_values(array_filter($ways, static fn(LockWay $one): bool => $one->way === $name))[0];

        self::assertSame([$works, $because], [$way->works, Told::english($way->because())]);
    }

    public function testLocksThatHoldNothingAreNotJudgedTogether(): void
    {
        $both = ['setup.lock' => ['lockoff', 'retractor'], 'seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden'];

        self::assertContains('fix secure.double_lock', Cases::found(Cases::assess(Cases::REAR, $both)));
        self::assertNotContains('fix secure.double_lock', Cases::found(Cases::assess(Cases::REAR, ['setup.held_by' => 'lower_anchors'] + $both)));
    }

    /** @return iterable<string, array{string, mixed}> */
    public static function readings(): iterable
    {
        yield 'the indicator alone' => ['setup.indicator', 'in'];
        yield 'the angle alone' => ['setup.angle', Cases::q(38, 'deg')];
        yield 'the zone alone' => ['setup.zone', 'A'];
    }

    #[DataProvider('readings')]
    public function testAnyReadingOffTheLevelTellsNothing(string $path, mixed $value): void
    {
        $nothing = ['setup.indicator' => null, 'setup.angle' => null, 'setup.zone' => null, 'setup.level_ground' => false, 'seat.modes.rear_harness.zones' => [['name' => 'A'], ['name' => 'B']]];

        self::assertNotContains('ask measure.not_level', Cases::found(Cases::assess(Cases::REAR, $nothing)));
        self::assertContains('ask measure.not_level', Cases::found(Cases::assess(Cases::REAR, [$path => $value] + $nothing)));
    }

    public function testAnAngleIsHeldAgainstLimitsThatMayDependOnTheDate(): void
    {
        $missing = static fn(?int $angle): array => ReclineReading::of(new AssessmentContext(Cases::read(Cases::REAR, ['setup.angle' => $angle === null ? null : Cases::q($angle, 'deg'), 'seat.made_on' => null, 'seat.modes.rear_harness.angle_max' => [Cases::q(45, 'deg'), ['value' => 40, 'unit' => 'deg', 'made_from' => '2024-01-01']]])))->missing;

        self::assertSame([['seat.made_on'], []], [$missing(42), $missing(null)]);
    }

    public function testTheAnchorsAskForTheWeightThemselves(): void
    {
        self::assertSame([1, 0], [self::weightAsked(new AnchorWeightRule(), ['setup.held_by' => 'lower_anchors']), self::weightAsked(new AnchorWeightRule(), [])]);
    }

    public function testRoomByTheShellNeedsAllThreeOfItsMeasures(): void
    {
        [$missing, $shell, $now, $upright] = [Length::of(100), Length::of(600), Angle::of(45), Angle::of(30)];

        self::assertSame([[], [], []], [RoomAhead::of($missing, null, $now, $upright)->gains, RoomAhead::of($missing, $shell, null, $upright)->gains, RoomAhead::of($missing, $shell, $now)->gains]);
        self::assertCount(1, RoomAhead::of($missing, $shell, $now, $upright)->gains);
    }

    public function testAnotherSeatIsNeverProposedForTheFront(): void
    {
        $full = ['vehicle.positions.0.airbag' => false, 'vehicle.positions.1.taken' => true, 'vehicle.positions.2.taken' => true, 'vehicle.positions.3.taken' => true];
        $case = Cases::read(Cases::REAR, $full);

        self::assertNotNull($case->seat);
        self::assertSame([], SeatInstead::among($case, [$case->seat]));
    }

    public function testTheClipsDistance(): void
    {
        self::assertSame(
            [['value' => 25.4, 'unit' => 'mm'], ['value' => 10, 'unit' => 'mm'], ['value' => 10, 'unit' => 'mm']],
            array_map(static fn(PracticeCode $code): array => Length::of(RegionalPractice::of($code)->clipDistance->value->base())->toArray(), [PracticeCode::Us, PracticeCode::Nz, PracticeCode::Au]),
        );
    }

    /**
     * How often the rule alone asks for an unknown weight: another asks in any case, and these must not depend on it.
     *
     * @param array<string, mixed> $changes
     */
    private static function weightAsked(Rule $rule, array $changes): int
    {
        $said = iterator_to_array($rule->judge(new AssessmentContext(Cases::read(Cases::REAR, $changes + ['child.weight' => null]))), false);

        return count(array_filter($said, static fn(Finding|Question $one): bool => $one instanceof Question && $one->path === 'child.weight'));
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<string>
     */
    private static function askedOfThePlace(array $changes): array
    {
        return array_values(array_filter(Cases::asked(Cases::assess(Cases::REAR, $changes)), static fn(string $path): bool => preg_match('/(side_facing|taken)$/', $path) === 1));
    }

    /**
     * How a mode with this greatest weight, and no other limit, fits before anything is set up.
     *
     * @param list<array<string, mixed>> $max
     * @param array<string, mixed> $more
     */
    private static function rearFit(array $max, array $more = []): ?ModeFit
    {
        return ModeFits::of(new AssessmentContext(Cases::read(Cases::REAR, $more + ['setup' => null, 'seat.modes.rear_harness' => ['weight_max' => $max, 'height_max' => Cases::q(50, 'in')]])))->for(ModeName::RearHarness);
    }

    /** @param array<string, mixed> $changes */
    private static function wedge(array $changes): ?WedgeSize
    {
        return WedgeSize::of(new AssessmentContext(Cases::read(Cases::REAR, ['setup.angle' => Cases::q(27, 'deg'), 'seat.base_length' => Cases::q(400, 'mm'), 'child.sits_unaided' => true, ...$changes])));
    }
}
