<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\Seating\SeatingPlanner;
use MintBuckle\Core\Seating\SeatingReader;
use MintBuckle\Present\Words\SeatingWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;
use Tests\Told;

/** Families a technician meets. Common practice; the numbers are made up. */
final class SeatingTest extends TestCase
{
    private const GOOD = ['belt' => 'lap_shoulder', 'retractor' => 'switchable', 'latch_plate' => 'sliding', 'lower_anchors' => true, 'tether_anchor' => true, 'airbag' => false, 'inflatable_belt' => false, 'side_facing' => false, 'taken' => false];

    /**
     * @param array<string, array<string, mixed>> $places by name, what differs from a good place
     * @param list<array<string, mixed>> $riders
     * @param array<string, mixed> $more
     */
    public static function file(array $places, array $riders, array $more = []): string
    {
        $positions = array_map(static fn(string $name): array => ['name' => $name] + $places[$name] + self::GOOD, array_keys($places));

        return json_encode(['format' => 'mint-buckle/seating', 'version' => 1, 'practice' => 'us', 'vehicle' => ['positions' => $positions], 'riders' => $riders, ...$more], JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<string, mixed> $more
     * @return array<string, mixed>
     */
    public static function rider(string $name, string $mode, int $months, array $more = [], int $width = 440): array
    {
        $limits = ['weight_max' => Cases::q(60, 'kg'), 'weight_min' => Cases::q(2, 'kg'), 'height_max' => Cases::q(160, 'cm')];

        return [...[
            'name' => $name, 'mode' => $mode, 'held_by' => str_contains($mode, 'booster') ? 'nothing' : 'belt', 'now_at' => null,
            'child' => ['age_months' => $months, 'weight' => Cases::q($months < 40 ? 10 : 22, 'kg'), 'height' => Cases::q(100, 'cm')],
            'seat' => ['standards' => ['fmvss213'], 'lockoff' => false, 'clamp_door' => false, 'tether_rear' => 'forbidden', 'tether_forward_required' => true, 'inflatable_belt_ok' => false, 'width' => Cases::q($width, 'mm'), 'slots' => [], 'modes' => [$mode => $limits]],
        ], ...$more];
    }

    /** @return array{plans: list<array<string, mixed>>, impossible: list<array<string, string>>|null} */
    private static function plan(string $file): array
    {
        return SeatingWriter::toArray(SeatingPlanner::plan(SeatingReader::read($file, CalendarDate::of(2026, 10, 10))), Told::in('en'));
    }

    /**
     * @param array{plans: list<array<string, mixed>>, impossible: list<array<string, string>>|null} $answer
     * @return list<string> "A 2C, B 2L"
     */
    private static function places(array $answer): array
    {
        return array_map(static function (array $plan): string {
            assert($plan['places'] instanceof stdClass);
            $at = (array) $plan['places'];

            return implode(', ', array_map(static fn(string $who, mixed $place): string => $who . ' ' . (is_string($place) ? $place : '?'), array_keys($at), $at));
        }, $answer['plans']);
    }

    /**
     * @param array{plans: list<array<string, mixed>>, impossible: list<array<string, string>>|null} $answer
     * @return list<string>
     */
    private static function obstacles(array $answer): array
    {
        return array_column($answer['impossible'] ?? [], 'constraint');
    }

    public function testTheMiddleGoesToTheYoungest(): void
    {
        $answer = self::plan(self::file(['2L' => [], '2C' => ['lower_anchors' => false], '2R' => []], [self::rider('A', 'high_back_booster', 84), self::rider('B', 'rear_harness', 9), self::rider('C', 'forward_harness', 40)], []));

        self::assertSame('A 2L, B 2C, C 2R', self::places($answer)[0]);
        self::assertContains('B, the youngest, has the middle of the back, farthest from any side impact.', (array) $answer['plans'][0]['why']);
        self::assertSame('A 2C, B 2L, C 2R', self::places(self::plan(self::file(['2L' => [], '2C' => [], '2R' => []], [self::rider('A', 'high_back_booster', 84), self::rider('B', 'rear_harness', 9), self::rider('C', 'forward_harness', 40)], ['middle_for' => 'least_protected'])))[0]);
    }

    public function testMiddleWithoutAnchors(): void
    {
        $middle = ['lower_anchors' => false];
        $baby = static fn(?string $way): array => self::rider('B', 'rear_harness', 9, ['held_by' => $way]);

        self::assertSame('B 2R', self::places(self::plan(self::file(['2L' => [], '2C' => $middle, '2R' => []], [$baby('lower_anchors')])))[0], 'on anchors only at the sides, the kerb side first');
        self::assertSame('B 2C', self::places(self::plan(self::file(['2L' => [], '2C' => $middle, '2R' => []], [$baby('belt')])))[0]);
        self::assertSame('B 2C', self::places(self::plan(self::file(['2L' => [], '2C' => [], '2R' => []], [$baby('lower_anchors')])))[0], 'where the middle has bars of its own they hold it well');
        $free = self::plan(self::file(['2L' => [], '2C' => $middle, '2R' => []], [$baby(null)]));
        self::assertSame(['B 2C', 'belt'], [self::places($free)[0], ((array) $free['plans'][0]['held_by'])['B']]);
        self::assertSame('B 2R', self::places(self::plan(self::file(['2L' => [], '2C' => ['retractor' => 'elr'] + $middle, '2R' => []], [$baby('belt')])))[0], 'with a locking clip alone it is not held well there');
        self::assertSame('B 2L', self::places(self::plan(self::file(['2L' => [], '2C' => $middle, '2R' => []], [$baby('lower_anchors')], ['practice' => 'nz', 'vehicle' => ['positions' => [['name' => '2L'] + self::GOOD, ['name' => '2R'] + self::GOOD]]])))[0], 'where one drives on the left the kerb is at the left');
    }

    public function testBorrowedBars(): void
    {
        $middle = ['2L' => [], '2C' => ['lower_anchors' => false, 'inflatable_belt' => true], '2R' => []];
        $borrower = self::rider('A', 'rear_harness', 9, ['held_by' => 'lower_anchors']);
        $borrower['seat'] = ['borrow_anchors_ok' => true] + (array) $borrower['seat'];
        $vehicle = static fn(bool $ok): array => ['vehicle' => ['borrow_anchors_ok' => $ok, 'positions' => array_map(static fn(string $n): array => ['name' => $n] + $middle[$n] + self::GOOD, array_keys($middle))]];

        self::assertNotContains('A 2C', self::places(self::plan(self::file($middle, [$borrower], $vehicle(false)))));
        self::assertContains('A 2C', self::places(self::plan(self::file($middle, [$borrower], $vehicle(true)))));
        $both = self::places(self::plan(self::file($middle, [$borrower, self::rider('B', 'rear_harness', 20, ['held_by' => 'lower_anchors'])], $vehicle(true))));
        self::assertSame([], array_values(array_filter($both, static fn(string $p): bool => str_contains($p, 'A 2C'))), 'one bar cannot hold two seats');
    }

    public function testThreeAcrossByWidths(): void
    {
        $row = ['2L' => ['width' => Cases::q(440, 'mm')], '2C' => ['width' => Cases::q(400, 'mm')], '2R' => ['width' => Cases::q(440, 'mm')]];
        $three = static fn(int $third): array => [self::rider('A', 'high_back_booster', 84, width: 430), self::rider('B', 'rear_harness', 9, width: 430), self::rider('C', 'forward_harness', 40, width: $third)];

        self::assertNotSame([], self::plan(self::file($row, $three(420)))['plans'], '1280 mm on 1280 mm');
        $tooWide = self::plan(self::file($row, $three(421)));
        self::assertSame([[], ['place.too_wide']], [$tooWide['plans'], self::obstacles($tooWide)]);
        self::assertNotSame([], self::plan(self::file($row + ['1R' => []], array_replace($three(421), [2 => self::rider('C', 'high_back_booster', 160, width: 600)])))['plans'], 'alone in the front nobody is beside it');
        $unknown = $three(421);
        $unknown[2]['seat'] = array_diff_key((array) $unknown[2]['seat'], ['width' => true]);
        $answer = self::plan(self::file($row, $unknown));
        self::assertContains('Not every width is known: try whether the seats stand side by side.', (array) $answer['plans'][0]['why']);
    }

    public function testABoosterWhereOnlyALapBeltIs(): void
    {
        $places = ['2L' => ['belt' => 'lap'], '2C' => [], '2R' => ['belt' => 'lap']];
        self::assertSame(['A 2C'], self::places(self::plan(self::file($places, [self::rider('A', 'high_back_booster', 84)]))));
        self::assertSame(['place.booster_lap_only'], self::obstacles(self::plan(self::file($places, [self::rider('A', 'high_back_booster', 84), self::rider('B', 'backless_booster', 100)]))));
    }

    public function testTheFrontOnlyWhenTheBackIsFull(): void
    {
        $car = ['1R' => ['airbag' => true, 'tether_anchor' => false], '2L' => [], '2R' => []];
        $children = [self::rider('A', 'high_back_booster', 84), self::rider('B', 'rear_harness', 9), self::rider('C', 'high_back_booster', 100)];

        self::assertSame(['A 2R, B 2L', 'A 2L, B 2R'], array_reverse(self::places(self::plan(self::file($car, array_slice($children, 0, 2))))), 'not in the front while the back has room');
        $full = self::plan(self::file($car, $children));
        self::assertSame(2, $full['plans'][0]['advise'], 'under thirteen, and an airbag');
        self::assertStringNotContainsString('B 1R', implode(' ', self::places($full)));
        self::assertSame(['place.airbag'], self::obstacles(self::plan(self::file(['1R' => ['airbag' => true]], [self::rider('B', 'rear_harness', 160)]))));
    }

    public function testWhatIsRightStaysAndTheThirdRowIsLeftOpen(): void
    {
        $seated = [self::rider('A', 'high_back_booster', 84, ['now_at' => '2L']), self::rider('B', 'rear_harness', 9, ['now_at' => '2R'])];
        self::assertSame('A 2L, B 2R', self::places(self::plan(self::file(['2L' => [], '2R' => [], '3L' => [], '3R' => []], $seated)))[0]);

        $three = [self::rider('A', 'high_back_booster', 84), self::rider('B', 'rear_harness', 9), self::rider('C', 'high_back_booster', 90)];
        $best = self::places(self::plan(self::file(['2L' => [], '2R' => [], '3L' => [], '3R' => []], $three)))[0];
        self::assertSame(1, substr_count($best, ' 2'), "one door of the second row stays free: {$best}");

        $two = array_slice($three, 0, 2);
        self::assertSame(2, substr_count(self::places(self::plan(self::file(['2L' => [], '2R' => [], '3R' => []], $two)))[0], ' 2'), 'nobody is behind them');
        self::assertSame(1, substr_count(self::places(self::plan(self::file(['2L' => [], '2R' => [], '3L' => ['taken' => true], '3R' => []], $two)))[0], ' 2'), 'somebody else is');
    }

    public function testSomebodyIsKeptWhereTheyAre(): void
    {
        $car = ['2L' => [], '2C' => [], '2R' => ['tether_anchor' => false]];
        $kept = self::rider('A', 'rear_harness', 9, ['now_at' => '2L', 'keep' => true]);
        self::assertStringStartsWith('A 2L', self::places(self::plan(self::file($car, [$kept])))[0]);
        self::assertSame(['keep', 'place.no_tether_anchor'], self::obstacles(self::plan(self::file($car, [self::rider('A', 'forward_harness', 40, ['now_at' => '2R', 'keep' => true])]))));
    }

    public function testNothingFits(): void
    {
        self::assertSame(['riders'], self::obstacles(self::plan(self::file(['2L' => [], '2R' => ['taken' => true]], [self::rider('A', 'rear_harness', 9), self::rider('B', 'rear_harness', 19)]))));
        self::assertSame(['mode.under_one_forward'], self::obstacles(self::plan(self::file(['2L' => []], [self::rider('A', 'forward_harness', 11)]))), 'no place makes a mode right');
        self::assertSame(['mode'], self::obstacles(self::plan(self::file(['2L' => []], [self::rider('A', 'forward_harness', 30, ['mode' => null, 'seat' => ['modes' => new stdClass()]])]))));
        $pair = self::plan(self::file(['2L' => ['side_facing' => true], '1R' => ['airbag' => true]], [self::rider('A', 'rear_harness', 9), self::rider('B', 'rear_harness', 160)]));
        self::assertSame(['place.side_facing', 'place.airbag'], self::obstacles($pair), 'two things stand in the way together');
    }

    public function testUnknownIsProposedOnlyAfterWhatIsKnown(): void
    {
        $answer = self::plan(self::file(['2L' => [], '2C' => ['airbag' => null], '2R' => []], [self::rider('A', 'rear_harness', 9)]));
        self::assertSame(['A 2R', 'A 2L', 'A 2C'], self::places($answer));
        self::assertStringContainsString('look first, not everything is known: airbag ahead (second row centre)', implode(' ', array_filter((array) $answer['plans'][2]['why'], is_string(...))));
    }

    public function testWhatIsOnlyToBeLookedAtDoesNotLoseTheMiddle(): void
    {
        // What holds it in the middle can only be the belt, of which not all is known; at the sides it could hang on its anchors.
        $answer = self::plan(self::file(['2L' => ['inflatable_belt' => null], '2C' => ['lower_anchors' => false, 'inflatable_belt' => null], '2R' => ['inflatable_belt' => null]], [self::rider('A', 'rear_harness', 9, ['held_by' => null])]));
        self::assertSame('A 2C', self::places($answer)[0]);
    }

    public function testTheBestModeIsTakenWhereNoneIsNamed(): void
    {
        $rider = self::rider('A', 'rear_harness', 9, ['mode' => null]);
        self::assertSame('A 2C', self::places(self::plan(self::file(['2L' => [], '2C' => [], '2R' => []], [$rider])))[0]);
    }

    public function testNobodyRides(): void
    {
        self::assertSame(['plans' => [['places' => [], 'held_by' => [], 'advise' => 0, 'why' => []]], 'impossible' => null], json_decode(json_encode(self::plan(self::file(['2L' => []], [])), JSON_THROW_ON_ERROR), true));
    }

    public function testSixRidersAreAsManyAsThereMayBe(): void
    {
        $six = array_map(static fn(int $i): array => self::rider("No {$i}", 'high_back_booster', 80 + $i, [], 400), range(1, 6));
        self::assertSame(6, substr_count(self::places(self::plan(self::file(['2L' => [], '2C' => [], '2R' => [], '3L' => [], '3C' => [], '3R' => []], $six)))[0], 'No '));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        $rider = self::rider('A', 'rear_harness', 9);
        yield 'another format' => [['format' => 'mint-buckle/case'], 'format: must be mint-buckle/seating'];
        yield 'a newer version' => [['version' => 2], 'version: '];
        yield 'no car' => [['vehicle' => null], 'vehicle: '];
        yield 'an unknown key' => [['colour' => 'red'], 'colour: '];
        yield 'a name twice' => [['riders' => [$rider, $rider]], 'riders.1.name: is the second A'];
        yield 'a place the car lacks' => [['riders' => [['now_at' => '3C'] + $rider]], 'riders.0.now_at: must be a place of the vehicle, which has no 3C'];
        yield 'kept nowhere' => [['riders' => [['keep' => true] + $rider]], 'riders.0.keep: needs a now_at'];
        yield 'two ages' => [['riders' => [['child' => ['age_months' => 9, 'born_on' => '2026-01-01']] + $rider]], 'riders.0.child: must have one of'];
        yield 'seven riders' => [['riders' => array_map(static fn(int $i): array => self::rider("R{$i}", 'rear_harness', 9), range(1, 7))], 'riders: are more than 6'];
        yield 'a place twice' => [['vehicle' => ['positions' => [['name' => '2L'], ['name' => '2L']]]], 'vehicle.positions.1.name: is the second 2L'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('refused')]
    public function testWhatIsRefused(array $changes, string $problem): void
    {
        try {
            self::plan(self::file(['2L' => [], '2C' => [], '2R' => []], [self::rider('A', 'rear_harness', 9)], $changes));
            self::fail('it was taken');
        } catch (InvalidCase $e) {
            self::assertStringContainsString($problem, implode("\n", array_map(static fn(Problem $p): string => $p->toString(), $e->problems)));
        }
    }
}
