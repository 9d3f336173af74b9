<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\ModeName;
use MintBuckle\Core\CaseFile\Reading\InvalidCase;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Fit\ModeFit;
use MintBuckle\Core\Fit\StrapPlace;
use MintBuckle\Core\Growth\GrowthReference;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Recall\RecallIntake;
use MintBuckle\Core\Room\RoomAhead;
use MintBuckle\Core\Rules\History\ExtrasRule;
use MintBuckle\Core\Rules\Measure\ReclineSettingRule;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;
use MintBuckle\Core\Truth;
use MintBuckle\Core\Wedge\WedgeSize;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Edges that a single changed sign or number would move: found by breaking the core on purpose. */
final class EdgesTest extends TestCase
{
    public function testTheRangeForSizingAWedgeWhereTheSeatGivesNone(): void
    {
        $stack = static function (float $angle, int $base, bool $sits): ?string {
            $free = ['seat.modes.rear_harness.angle_min' => null, 'seat.modes.rear_harness.angle_max' => null, 'setup.indicator' => 'too_upright', 'setup.angle' => Cases::q($angle, 'deg'), 'seat.base_length' => Cases::q($base, 'mm'), 'child.sits_unaided' => $sits];

            return WedgeSize::of(new Situation(Cases::read(Cases::REAR, $free)))?->stack;
        };
        // One noodle gains 7.76 degrees over 400 mm and 16.55 over 200 mm; the range for sizing is 30 to 45 degrees, 40 to 45 before sitting.
        self::assertSame(['one_noodle', 'towel'], [$stack(37.2, 400, false), $stack(37.4, 400, false)]);
        self::assertSame(['one_noodle', 'towel'], [$stack(28.4, 200, true), $stack(28.6, 200, true)]);
        self::assertNull($stack(30, 400, true), 'nothing is missing for a child that sits');
        self::assertNotNull($stack(39.9, 400, false));
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
        $of = static fn(array $forbidden): ?int => Cases::assess(Cases::REAR, ['seat.slots' => $slots, 'setup.harness.slot' => 1, 'setup.harness.strap' => null, 'seat.modes.rear_harness.slots_forbidden' => $forbidden])->computed->harnessSlot;

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
        $unknown = ['vehicle.positions.1.side_facing' => null];

        self::assertSame([[], []], [self::sideFacingAsked(['setup.position' => null] + $unknown), self::sideFacingAsked(['setup.mode' => null] + $unknown)]);
        self::assertSame(['vehicle.positions.1.side_facing'], self::sideFacingAsked($unknown));
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
        $missing = static fn(string $rule, ?string $seen): array => StrapPlace::of(new Situation(Cases::read(Cases::REAR, ['seat.strap_rule_rear' => $rule, 'seat.slots' => [], 'setup.harness.slot' => null, 'setup.harness.strap' => $seen, 'setup.harness.strap_offset' => null])), ModeName::RearHarness)->missing;

        self::assertSame([['setup.harness.strap_offset'], ['setup.harness.strap']], [$missing('level_to_25_above', null), $missing('at_or_below', null)]);
    }

    public function testAModeFitsByTheWayOfHoldingThatFits(): void
    {
        $belt = static fn(int $pounds): array => ['value' => $pounds, 'unit' => 'lb', 'held_by' => 'belt'];
        $anchors = static fn(int $pounds, ?string $from = null): array => ['value' => $pounds, 'unit' => 'lb', 'held_by' => 'lower_anchors'] + ($from === null ? [] : ['made_from' => $from]);

        $both = self::rearFit([$belt(40), $anchors(20)]);
        self::assertSame([Truth::Yes, ['only held by the belt']], [$both?->fits, $both?->because()]);
        self::assertSame(Truth::Unknown, self::rearFit([$belt(20), $anchors(30), $anchors(18, '2024-01-01')], ['seat.made_on' => null])?->fits, 'what may still fit is not ruled out by what does not');
    }

    public function testTheModeInUseNeedsItsLimits(): void
    {
        $fit = static fn(string $mode): ?ModeFit => (new Situation(Cases::read(Cases::REAR, ["seat.modes.{$mode}.weight_max" => null, "seat.modes.{$mode}.height_max" => null])))->fits->for(ModeName::from($mode));

        self::assertSame([Truth::Unknown, ['seat.modes.rear_harness.weight_max', 'seat.modes.rear_harness.height_max']], [$fit('rear_harness')?->fits, $fit('rear_harness')?->missing]);
        self::assertNotContains('seat.modes.forward_harness.weight_max', $fit('forward_harness')->missing ?? []);
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

        self::assertSame([[], ['lies after today']], [$problems('2026-10-14'), $problems('2026-10-15')]);
        self::assertSame([1, 1], [count($problems(null)), count($problems('2026-13-01'))]);
    }

    public function testReadingStopsAtAHundredProblems(): void
    {
        $intake = new RecallIntake(CalendarDate::of(2026, 10, 14));
        $hopeless = static function (int $more) use ($intake): bool {
            array_map(static fn(int $line) => $intake->problem("line {$line}", 'is no campaign'), range(1, $more));

            return $intake->isHopeless();
        };

        self::assertSame([false, true], [$hopeless(99), $hopeless(1)]);
    }

    public function testALockOffThatWorksSaysWhy(): void
    {
        $ways = Cases::assess(Cases::REAR, ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'allowed'])->computed->beltLock ?? [];
        $lockoff = array_values(array_filter($ways, static fn(LockWay $way): bool => $way->way === 'lockoff'));

        self::assertSame([Truth::Yes, 'The seat itself holds the belt.'], [$lockoff[0]->works, $lockoff[0]->because]);
    }

    /**
     * How often the rule alone asks for an unknown weight: another asks in any case, and these must not depend on it.
     *
     * @param array<string, mixed> $changes
     */
    private static function weightAsked(Rule $rule, array $changes): int
    {
        $said = iterator_to_array($rule->judge(new Situation(Cases::read(Cases::REAR, $changes + ['child.weight' => null]))), false);

        return count(array_filter($said, static fn(Finding|Question $one): bool => $one instanceof Question && $one->path === 'child.weight'));
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<string>
     */
    private static function sideFacingAsked(array $changes): array
    {
        return array_values(array_filter(Cases::asked(Cases::assess(Cases::REAR, $changes)), static fn(string $path): bool => str_contains($path, 'side_facing')));
    }

    /**
     * How a mode with this greatest weight, and no other limit, fits before anything is set up.
     *
     * @param list<array<string, mixed>> $max
     * @param array<string, mixed> $more
     */
    private static function rearFit(array $max, array $more = []): ?ModeFit
    {
        return (new Situation(Cases::read(Cases::REAR, $more + ['setup' => null, 'seat.modes.rear_harness' => ['weight_max' => $max]])))->fits->for(ModeName::RearHarness);
    }
}
