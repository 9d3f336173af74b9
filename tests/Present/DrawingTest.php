<?php

declare(strict_types=1);

namespace Tests\Present;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Truth\Truth;
use MintBuckle\Present\Drawing\BuckleFront;
use MintBuckle\Present\Drawing\LabelRuler;
use MintBuckle\Present\Drawing\MovementGauge;
use MintBuckle\Present\Drawing\PlaneScale;
use PHPUnit\Framework\TestCase;
use Tests\Core\Cases;
use Tests\Told;

/** Drawings as numbers: what is to scale must be to scale. */
final class DrawingTest extends TestCase
{
    public function testRulerIsLinearInDays(): void
    {
        $ruler = LabelRuler::of(Cases::read(Cases::REAR));
        self::assertNotNull($ruler->made);
        self::assertNotNull($ruler->expires);
        // 14 Mar 2023 to 10 Oct 2026 are 1306 days, to 14 Mar 2030 2557.
        self::assertEqualsWithDelta(1306 / 2557, ($ruler->today - $ruler->made[0]) / ($ruler->expires - $ruler->made[0]), 0.001);
        self::assertSame($ruler->made[0], $ruler->made[1]);
        self::assertFalse($ruler->expired);
        self::assertSame(['Made 14 Mar 2023.', 'Today is 10 Oct 2026.', 'First day of no more use: 14 Mar 2030.'], Told::all($ruler->text));
    }

    public function testRulerBlursWhatTheLabelLeavesOut(): void
    {
        self::assertSame([], LabelRuler::of(Cases::read(Cases::REAR, ['seat.maker' => null, 'recall_list.campaigns' => [['id' => 'R', 'maker' => 'Ottermoor', 'made_from' => '2023-03-01', 'advice' => 'stop_use']]]))->bands, 'of a seat of unknown maker no campaign is drawn');
        $ruler = LabelRuler::of(Cases::read(Cases::REAR, ['seat.made_on' => '2023']));
        self::assertNotNull($ruler->made);
        self::assertGreaterThan(20, $ruler->made[1] - $ruler->made[0]);
        self::assertLessThanOrEqual(7, count($ruler->years));
    }

    public function testRulerShowsRecallWindowsThatNameTheSeat(): void
    {
        $campaign = static fn(string $id, string $model, string $from): array => ['id' => $id, 'maker' => 'Ottermoor', 'models' => [$model], 'made_from' => $from, 'made_to' => null];
        $bands = LabelRuler::of(Cases::read(Cases::REAR, ['recall_list.campaigns' => [$campaign('R-1', 'OM*', '2023-03-01'), $campaign('R-2', 'OM*', '2025-01-01'), $campaign('R-3', 'PW*', '2023-01-01')]]))->bands;

        self::assertSame([['R-1', Truth::Yes], ['R-2', Truth::No]], array_map(static fn(array $band): array => [$band['id'], $band['covers']], $bands));
        self::assertSame((float) LabelRuler::RIGHT, $bands[0]['to']);
        self::assertLessThan($bands[1]['from'], $bands[0]['from']);
    }

    public function testRulerWithoutAnyDate(): void
    {
        $ruler = LabelRuler::of(Cases::read(Cases::REAR, ['seat.made_on' => null, 'seat.life_years' => null]));
        self::assertSame([null, null, (float) (LabelRuler::LEFT + LabelRuler::RIGHT) / 2], [$ruler->made, $ruler->expires, $ruler->today]);
    }

    public function testGaugeIsLinearAndKeepsEveryTry(): void
    {
        $inch = static fn(string $v): Length => Length::of($v, LengthUnit::Inch);
        $gauge = MovementGauge::of(['side' => [$inch('1.5'), $inch('1'), Length::of('12.7')], 'front' => []], RegionalPractice::of(PracticeCode::Us)->movement, LengthUnit::Inch);
        $tries = $gauge->rows[0]['tries'];

        self::assertSame([[1, false, false], [2, true, false], [3, true, true]], array_map(static fn(array $t): array => [$t['number'], $t['within'], $t['last']], $tries));
        self::assertSame($gauge->limit, $tries[1]['x']);
        self::assertEqualsWithDelta(($gauge->limit - MovementGauge::LEFT) * 1.5, $tries[0]['x'] - MovementGauge::LEFT, 0.11);
        self::assertSame(['0 in', '1 in', '2 in'], array_map(Told::in('en')->show(...), array_values(array_filter(array_column($gauge->ticks, 'label')))));
        self::assertSame(['Limit: no more than 1 in.', 'Side to side, try 1: 1.5 in, too much.', 'Side to side, try 2: 1 in, within the limit.', 'Side to side, try 3: 12.7 mm, within the limit.'], Told::all($gauge->text));
        self::assertSame([], $gauge->rows[1]['tries']);
    }

    public function testGaugeMakesRoomForALooseSeat(): void
    {
        $gauge = MovementGauge::of(['side' => [Length::of(190)]], RegionalPractice::of(PracticeCode::Nz)->movement, LengthUnit::Millimetre);
        self::assertLessThanOrEqual(MovementGauge::RIGHT, $gauge->rows[0]['tries'][0]['x']);
        self::assertFalse($gauge->rows[0]['tries'][0]['within']);
        self::assertSame('Limit: less than 25 mm.', Told::english($gauge->text[0]));
    }

    public function testSlotsAreToScaleAgainstTheShoulder(): void
    {
        $front = BuckleFront::of(new AssessmentContext(Cases::read(Cases::REAR, ['setup.harness.slot' => 3, 'setup.harness.strap' => null])));
        // Slots 45 mm apart, the shoulder 25 mm above the second and 20 mm below the third.
        $scale = ($front->slots[0]['y'] - $front->slots[1]['y']) / 45;

        self::assertEqualsWithDelta(25 * $scale, $front->slots[1]['y'] - $front->shoulder, 0.11);
        self::assertEqualsWithDelta(20 * $scale, $front->shoulder - $front->slots[2]['y'], 0.11);
        self::assertSame([[2, false, true], [3, true, false]], array_map(static fn(array $s): array => [$s['number'], $s['inUse'], $s['right']], [$front->slots[1], $front->slots[2]]));
        self::assertSame($front->slots[2]['y'], $front->strap);
        self::assertSame([$front->shoulder + 40.0, true], [$front->clip['y'] ?? null, $front->tight]);
    }

    public function testBoosterBelt(): void
    {
        $straps = static fn(?bool $passes): array => BuckleFront::of(new AssessmentContext(Cases::read(Cases::REAR, ['setup.harness.tightness.passes' => $passes])))->strapPaths();
        self::assertSame($straps(true), $straps(null));
        self::assertNotSame($straps(true), $straps(false), 'only a slack strap is drawn slack');
        $scale = new PlaneScale(0, 100, 5, 40, 0, 100, 50, 120);
        self::assertSame([true, false, false], [$scale->holds(40, 120), $scale->holds(40.1, 120), $scale->holds(40, 120.1)], 'the edges belong to it');
        $right = BuckleFront::of(new AssessmentContext(Cases::read(Cases::BOOSTER)));
        $wrong = BuckleFront::of(new AssessmentContext(Cases::read(Cases::BOOSTER, ['setup.booster.lap' => 'belly', 'setup.booster.shoulder' => 'neck'])));

        self::assertSame([[], null], [$right->slots, $right->strap]);
        self::assertLessThan($right->belt['lap'] ?? 0, $wrong->belt['lap'] ?? 0, 'the belly is above the thighs');
        self::assertGreaterThan($right->belt['shoulder'] ?? 0, $wrong->belt['shoulder'] ?? 0, 'the neck is nearer the middle');
    }

    public function testTallChildrenStayOnTheSheet(): void
    {
        $front = BuckleFront::of(new AssessmentContext(Cases::read(Cases::FORWARD, ['child.shoulder_height' => Cases::q(560, 'mm')])));
        self::assertGreaterThanOrEqual(0.0, $front->top);
        self::assertCount(5, array_filter($front->slots, static fn(array $slot): bool => $slot['y'] > $front->top));
    }
}
