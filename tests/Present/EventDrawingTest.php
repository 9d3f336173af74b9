<?php

declare(strict_types=1);

namespace Tests\Present;

use App\Practice\SeededDice;
use MintBuckle\Core\Capacity\LineSimulation;
use MintBuckle\Core\Capacity\WaitingLine;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Present\Drawing\LotAbove;
use MintBuckle\Present\Drawing\LotCar;
use MintBuckle\Present\Drawing\WaitCurve;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** The lot and the wait as numbers. */
final class EventDrawingTest extends TestCase
{
    private static function car(int $bay, int $minutes = 15, ?string $technician = 'Wren'): LotCar
    {
        $seat = static fn(string $letter, ?string $place): array => ['letter' => $letter, 'place' => $place, 'verdict' => Verdict::FixFirst, 'address' => "/{$letter}"];

        return new LotCar($bay, '3 · Idris', $technician, $minutes, 60, [$seat('A', '2L'), $seat('B', '2R'), $seat('C', '3C'), $seat('D', null), $seat('E', null)]);
    }

    public function testBaysStandInRowsOfEight(): void
    {
        $lot = LotAbove::of(10, [self::car(2), self::car(9)]);
        self::assertSame([[1, 0, 0], [2, 118, 0], [8, 826, 0], [9, 0, 268], [10, 118, 268]], array_map(static fn(int $i): array => [$lot->bays[$i]['bay'], $lot->bays[$i]['x'], $lot->bays[$i]['y']], [0, 1, 7, 8, 9]));
        self::assertSame([948, 536], [$lot->width, $lot->height]);
        self::assertSame([null, '3 · Idris'], [$lot->bays[0]['car'], $lot->bays[8]['car']?->title]);
        self::assertSame('Bay 2: 3 · Idris, for 15 minutes, Wren.', Told::all($lot->text)[1]);
        self::assertSame(['Bay 1 is free.', 'Bay 2: 3 · Idris, for one minute.'], Told::all(LotAbove::of(1, [self::car(2, 1, null)])->text), 'a bay beyond those that were planned is drawn');
    }

    public function testSeatsStandWhereTheyAre(): void
    {
        $marks = LotAbove::marks(self::car(1));
        self::assertSame($marks[0]['y'], $marks[1]['y'], 'one row');
        self::assertLessThan($marks[1]['x'], $marks[0]['x'], 'left of');
        self::assertGreaterThan($marks[0]['y'], $marks[2]['y'], 'behind');
        self::assertSame(59, $marks[2]['x'], 'in the middle of the car');
        self::assertCount(5, array_unique(array_map(static fn(array $mark): string => "{$mark['x']} {$mark['y']}", $marks)), 'none on another');
        self::assertSame(['/A', Verdict::FixFirst], [$marks[0]['address'], $marks[0]['verdict']]);
    }

    public function testTheBarIsTheShareOfTheTime(): void
    {
        self::assertSame([23.0, 92.0, 92.0, 0.0], array_map(static fn(int $minutes): float => LotAbove::bar(self::car(1, $minutes)), [15, 60, 90, 0]));
        self::assertSame([false, false, true], array_map(static fn(int $minutes): bool => self::car(1, $minutes)->isLong(), [15, 60, 61]));
    }

    public function testTheCurveFallsToWhereNobodyWaits(): void
    {
        $line = WaitingLine::of(12, 30, 8);
        $curve = WaitCurve::of($line, LineSimulation::of($line, new SeededDice(1), 400));
        self::assertSame([7, 12], [$curve->points[0]['technicians'], $curve->points[5]['technicians']]);
        $ys = array_column($curve->points, 'y');
        $falls = $ys;
        sort($falls);
        self::assertSame($falls, $ys);
        self::assertSame($curve->points[1]['y'], $curve->planned['y'] ?? null);
        self::assertNotNull($curve->planned);
        self::assertGreaterThan($curve->planned['high'], $curve->planned['low'], 'a longer wait stands higher');
        self::assertEqualsWithDelta(60 / 10, ($curve->marks[0]['y'] - $curve->marks[3]['y']) / ($curve->marks[0]['y'] - $curve->bearable), 0.02, 'to scale');
        self::assertStringStartsWith('7 technicians: ', Told::all($curve->text())[0]);
        self::assertStringStartsWith('M64 ', $curve->path());
    }

    public function testARowThatOnlyGrowsHasNoPoint(): void
    {
        self::assertNull(WaitCurve::of(WaitingLine::of(12, 30, 3), null)->planned);
    }
}
