<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Seating\Arrangement;
use MintBuckle\Core\Seating\SeatingPlan;
use MintBuckle\Core\Seating\SeatingPlanner;
use MintBuckle\Core\Seating\SeatingReader;
use MintBuckle\Core\Seating\SeatingRequest;
use MintBuckle\Core\Seating\YearPromise;
use MintBuckle\Present\Drawing\CarAbove;
use MintBuckle\Present\Drawing\CarPlan;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** Everybody where they are: findings as they sit, the picture of it, and the words of the planner. */
final class ArrangementTest extends TestCase
{
    /**
     * @param array<string, array<string, mixed>> $places
     * @param list<array<string, mixed>> $riders
     * @param array<string, mixed> $more
     */
    private static function request(array $places, array $riders, array $more = []): SeatingRequest
    {
        return SeatingReader::read(SeatingTest::file($places, $riders, $more), CalendarDate::of(2026, 10, 10));
    }

    /** @return list<string> "A place.taken" */
    private static function found(Arrangement $now): array
    {
        $found = [];
        foreach ($now->findings as $rider => $findings) {
            $found = [...$found, ...array_map(static fn(Finding $f): string => chr(65 + $rider) . ' ' . $f->code->value, $findings)];
        }

        return $found;
    }

    public function testAGoodArrangementHasNothingAgainstIt(): void
    {
        $now = Arrangement::of(self::request(['1R' => ['airbag' => true], '2L' => [], '2R' => []], [SeatingTest::rider('A', 'rear_harness', 9, ['now_at' => '2L']), SeatingTest::rider('B', 'high_back_booster', 90, ['now_at' => '2R'])]));
        self::assertSame([[], null, []], [self::found($now), $now->tooWide, $now->tooWideAt]);
    }

    public function testWhatIsAgainstAPlaceDependsOnWhoSitsElsewhere(): void
    {
        $car = ['1R' => ['airbag' => true, 'tether_anchor' => false], '2L' => [], '2R' => []];
        $front = SeatingTest::rider('A', 'high_back_booster', 90, ['now_at' => '1R']);
        $others = [SeatingTest::rider('B', 'high_back_booster', 90, ['now_at' => '2L']), SeatingTest::rider('C', 'high_back_booster', 90, ['now_at' => '2R'])];
        $severity = static fn(Arrangement $now): array => array_map(static fn(Finding $f): string => $f->severity->value, $now->findings[0]);

        self::assertSame(['fix', 'fix'], $severity(Arrangement::of(self::request($car, [$front]))));
        self::assertSame(['advise', 'advise'], $severity(Arrangement::of(self::request($car, [$front, ...$others]))));
    }

    public function testTwoAtOnePlaceAndOneNowhere(): void
    {
        $now = Arrangement::of(self::request(['2L' => [], '2R' => []], [SeatingTest::rider('A', 'rear_harness', 9, ['now_at' => '2L']), SeatingTest::rider('B', 'rear_harness', 19, ['now_at' => '2L']), SeatingTest::rider('C', 'rear_harness', 19)]));
        self::assertSame(['A place.taken', 'B place.taken'], self::found($now));
        self::assertSame([], $now->findings[2]);
    }

    public function testSeatsSideBySide(): void
    {
        $row = ['2L' => ['width' => Cases::q(440, 'mm')], '2C' => ['width' => Cases::q(400, 'mm')], '2R' => ['width' => Cases::q(440, 'mm')]];
        $at = static fn(string $first, string $second): Arrangement => Arrangement::of(self::request($row, [SeatingTest::rider('A', 'rear_harness', 9, ['now_at' => $first], 430), SeatingTest::rider('B', 'high_back_booster', 90, ['now_at' => $second], 420)]));

        self::assertSame('Side by side the seats are 850 mm wide; second row left and second row centre have 840 mm.', Told::english($at('2L', '2C')->tooWide?->message() ?? self::fail()));
        self::assertSame(['2C', '2R'], $at('2R', '2C')->tooWideAt);
        self::assertNull($at('2L', '2R')->tooWide, 'a free place lies between them');
        $taken = Arrangement::of(self::request(['2L' => ['width' => Cases::q(440, 'mm')], '2C' => ['width' => Cases::q(400, 'mm'), 'taken' => true]], [SeatingTest::rider('A', 'rear_harness', 9, ['now_at' => '2L'], 441)]));
        self::assertSame(['2L', '2C'], $taken->tooWideAt, 'whoever has the place beside it needs all of it');
    }

    /** Two at one place are both refused; of their seats the wider is held against the place beside it, in whatever order they came. */
    public function testTwoAtOnePlace(): void
    {
        $places = ['2L' => ['width' => Cases::q(400, 'mm')], '2C' => ['width' => Cases::q(400, 'mm')]];
        $rider = static fn(string $name, string $at, int $width): array => SeatingTest::rider($name, 'rear_harness', 9, ['now_at' => $at], $width);
        foreach ([[390, 420], [420, 390]] as [$one, $two]) {
            $now = Arrangement::of(self::request($places, [$rider('A', '2L', $one), $rider('B', '2L', $two), $rider('C', '2C', 390)]));
            self::assertSame(['2L', '2C'], $now->tooWideAt);
            self::assertSame(['A place.taken', 'B place.taken'], array_values(array_filter(self::found($now), static fn(string $f): bool => str_contains($f, 'taken'))));
        }
        self::assertSame([], Arrangement::of(self::request($places, [$rider('A', '2L', 390), $rider('B', '2L', 400), $rider('C', '2C', 400)]))->tooWideAt);
    }

    public function testTheModeIsJudgedWhereverItStands(): void
    {
        self::assertSame(['A mode.under_one_forward'], self::found(Arrangement::of(self::request(['2L' => []], [SeatingTest::rider('A', 'forward_harness', 11, ['now_at' => '2L'])]))));
    }

    public function testThePictureIsToScale(): void
    {
        $request = self::request(['2L' => ['width' => Cases::q(400, 'mm')], '2R' => []], [SeatingTest::rider('A', 'rear_harness', 9, ['now_at' => '2L'], 200), SeatingTest::rider('B', 'high_back_booster', 90, [], 460)]);
        $drawing = CarPlan::of($request, new SeatingPlan(['A' => '2R', 'B' => '2L'], [], 0, []));
        $seats = array_map(static fn(array $s): array => [$s['rider'], $s['place'], $s['ghost'], $s['rear']], $drawing->seats);

        self::assertSame([['A', '2L', false, true], ['A', '2R', true, true], ['B', '2L', true, false]], $seats);
        self::assertEqualsWithDelta(CarAbove::PLACE_WIDTH / 2, $drawing->seats[0]['width'], 0.1, 'half as wide as its place');
        self::assertSame(['A is at second row left.', 'B has no place yet.'], Told::all(array_slice($drawing->text, 0, 2)));
        self::assertCount(1, CarPlan::of($request, null)->seats);
        self::assertSame([false], array_column(CarPlan::of($request, new SeatingPlan(['A' => '2L'], [], 0, []))->seats, 'ghost'), 'who stays has no ghost');
    }

    /**
     * @param array<string, array<string, mixed>> $places
     * @param list<array<string, mixed>> $riders
     * @param array<string, mixed> $more
     * @return list<string>
     */
    private static function why(array $places, array $riders, array $more = []): array
    {
        return Told::all(SeatingPlanner::plan(self::request($places, $riders, $more))->plans[0]->why ?? self::fail('there is no plan'));
    }

    /** @param list<array<string, mixed>> $riders */
    private static function middle(array $riders): string
    {
        return (string) array_search('2C', SeatingPlanner::plan(self::request(['2L' => [], '2C' => [], '2R' => []], $riders))->plans[0]->places ?? [], true);
    }

    public function testWhyAPlanIsGood(): void
    {
        self::assertSame(['A, the youngest, has the middle of the back, farthest from any side impact.', 'A moves to second row centre.'], self::why(['2L' => ['tether_anchor' => false], '2C' => [], '2R' => ['taken' => true]], [SeatingTest::rider('A', 'rear_harness', 9, ['now_at' => '2R'])]));
        self::assertSame(['A, the youngest, sits at the kerb side.', 'A stays at second row right.'], self::why(['2L' => [], '2R' => []], [SeatingTest::rider('A', 'rear_harness', 9, ['now_at' => '2R'])]));
        self::assertSame([], self::why(['2L' => []], [SeatingTest::rider('A', 'rear_harness', 9)]), 'the only place needs no reason');
        self::assertSame(['A, the least protected, sits at the kerb side.'], self::why(['2L' => [], '2R' => []], [SeatingTest::rider('A', 'high_back_booster', 90), SeatingTest::rider('B', 'rear_harness', 9)], ['middle_for' => 'least_protected']));
        self::assertSame(['A at second row left: hold the seat with the lower anchors.', 'A at second row left: look first, not everything is known: anchors: child up to.'], self::why(['2L' => ['inflatable_belt' => true]], [SeatingTest::rider('A', 'rear_harness', 9, ['held_by' => null])]), 'the anchors\' figure depends on when the seat was made');
        self::assertSame(['A at second row left: hold the seat with the belt.'], self::why(['2L' => ['lower_anchors' => false]], [SeatingTest::rider('A', 'rear_harness', 9, ['held_by' => 'nothing'])]));
        self::assertSame(['A at front right: A child of 7 years and 6 months sits in the front row; until 13 years the back row is the place. Move the vehicle seat all the way back, and look for a back place.'], self::why(['1R' => []], [SeatingTest::rider('A', 'high_back_booster', 90)]));
    }

    public function testWhatStandsInTheWayIsSaidOfEverybodyConcerned(): void
    {
        $answer = SeatingPlanner::plan(self::request(['2L' => ['belt' => 'lap'], '2R' => ['belt' => 'lap']], [SeatingTest::rider('A', 'high_back_booster', 90), SeatingTest::rider('B', 'backless_booster', 99)]));
        self::assertSame('A at second row left, A at second row right, B at second row left, B at second row right: Only a lap belt is here; a booster needs lap and shoulder. Choose a place with a lap-shoulder belt.', Told::english($answer->impossible[0]->words ?? self::fail()));
        $kept = SeatingPlanner::plan(self::request(['2L' => ['belt' => 'lap'], '2R' => []], [SeatingTest::rider('A', 'high_back_booster', 90, ['now_at' => '2L', 'keep' => true])]));
        self::assertSame('A is to stay in place. Let them move.', Told::english($kept->impossible[0]->words ?? self::fail()));
    }

    public function testTheLaterBornIsTheYounger(): void
    {
        $born = static fn(string $name, string $day): array => SeatingTest::rider($name, 'rear_harness', 9, ['child' => ['born_on' => $day, 'weight' => Cases::q(9, 'kg'), 'height' => Cases::q(70, 'cm')]]);

        self::assertSame('B', self::middle([$born('A', '2026-01-10'), $born('B', '2026-01-20')]), 'both eight completed months');
        self::assertSame('A', self::middle([$born('A', '2026-01-20'), $born('B', '2026-01-10')]));
        $unborn = SeatingTest::rider('C', 'rear_harness', 0, ['child' => ['due_on' => '2026-12-01']]);
        self::assertSame('C', self::middle([$born('A', '2026-10-01'), $unborn]));
    }

    public function testWhatAModelYearPromises(): void
    {
        $expected = static fn(int $year): int => count(array_filter(YearPromise::of($year), static fn(YearPromise $p): bool => $p->expected));

        self::assertSame([0, 1, 1, 2, 2, 3, 3, 4], array_map($expected, [1995, 1996, 2000, 2001, 2002, 2003, 2007, 2008]));
        self::assertStringContainsString('571.225', Told::english(YearPromise::of(2003)[2]->source->text()));
    }
}
