<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\CaseFile\Reading\InvalidCase;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Growth\GrowthReference;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Situation;
use MintBuckle\Core\Wedge\WedgeSize;
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
}
