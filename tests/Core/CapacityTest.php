<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Practice\SeededDice;
use Brick\Math\BigRational;
use InvalidArgumentException;
use MintBuckle\Core\Capacity\ErlangC;
use MintBuckle\Core\Capacity\LineSimulation;
use MintBuckle\Core\Capacity\WaitingLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Expected waiting time: the model by two formulas, its limits, and a simulation that knows nothing of it. */
final class CapacityTest extends TestCase
{
    /** The sum that the formula is usually printed as: a^c/c! · c/(c−a) over all that can be. */
    private static function asPrinted(int $c, BigRational $a): BigRational
    {
        [$term, $sum] = [BigRational::one(), BigRational::zero()];
        for ($k = 1; $k <= $c; $k++) {
            $sum = $sum->plus($term);
            $term = $term->multipliedBy($a)->dividedBy($k);
        }
        $waiting = $term->multipliedBy($c)->dividedBy(BigRational::of($c)->minus($a));

        return $waiting->dividedBy($sum->plus($waiting));
    }

    public function testTheRecursionIsTheSum(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($n = 0; $n < 200; $n++) {
            $servers = $random->getInt(1, 40);
            $offered = BigRational::of($random->getInt(1, $servers * 100 - 1))->dividedBy(100);
            $printed = self::asPrinted($servers, $offered);
            self::assertTrue($printed->isEqualTo(ErlangC::exactly($servers, $offered)), "{$servers} at {$offered}");
            self::assertEqualsWithDelta($printed->toFloat(), ErlangC::probability($servers, $offered->toFloat()), 1e-12);
        }
    }

    public function testWhereAsMuchComesAsCanBeDoneNothingSettles(): void
    {
        foreach ([[12, '29.999', true], [12, 30, false], [12, 31, false]] as [$arrivals, $minutes, $settles]) {
            $line = WaitingLine::of($arrivals, $minutes, 6);
            self::assertSame([$settles, ! $settles, ! $settles, ! $settles], [$line->isSettled(), $line->waitProbability() === null, $line->meanWaitMinutes() === null, $line->p90WaitMinutes() === null]);
            self::assertSame($settles, LineSimulation::of($line, new SeededDice(1)) !== null);
        }
    }

    /** One an hour, 20 minutes, one technician: exactly ten minutes, which floats miss by a hair. */
    public function testTheLimitItselfIsKept(): void
    {
        self::assertSame(1, WaitingLine::of(1, 20, 1)->techniciansFor(10));
        self::assertSame(2, WaitingLine::of('1.0000001', 20, 1)->techniciansFor(10));
        self::assertSame(1, WaitingLine::of('0.9999999', 20, 1)->techniciansFor(10));
        self::assertSame(2, WaitingLine::of(1, 20, 1)->techniciansFor(9));
    }

    /** @return iterable<string, array{int|string, int|string, int}> the fewest by the figures of the one before them */
    public static function lines(): iterable
    {
        yield 'the trade\'s figures: 30 minutes a seat, eight technicians' => [12, 30, 8];
        yield 'many' => [200, 30, 103];
        yield 'nobody comes' => [0, 30, 1];
        yield 'few' => ['0.5', 45, 2];
    }

    #[DataProvider('lines')]
    public function testTheFewestAreNeeded(int|string $arrivals, int|string $minutes, int $fewest): void
    {
        $line = WaitingLine::of($arrivals, $minutes, 1);
        self::assertSame($fewest, $line->techniciansFor());
        self::assertLessThanOrEqual(10, $line->with($fewest)->meanWaitMinutes());
        self::assertTrue($fewest === 1 || ! $line->with($fewest - 1)->isSettled() || $line->with($fewest - 1)->meanWaitMinutes() > 10);
    }

    public function testMoreTechniciansNeverMakeOneWaitLonger(): void
    {
        $before = INF;
        for ($technicians = 7; $technicians <= 30; $technicians++) {
            $wait = WaitingLine::of(12, 30, $technicians)->meanWaitMinutes();
            self::assertLessThan($before, $wait);
            $before = $wait;
        }
        self::assertSame([0.0, 0.0, 0.0], [WaitingLine::of(0, 30, 2)->waitProbability(), WaitingLine::of(0, 30, 2)->meanWaitMinutes(), WaitingLine::of(0, 30, 2)->p90WaitMinutes()]);
    }

    /** @return iterable<string, array{int|string, int|string, int}> */
    public static function noLines(): iterable
    {
        yield 'nobody works' => [1, 30, 0];
        yield 'more than there can be' => [1, 30, 1001];
        yield 'no time' => [1, 0, 1];
        yield 'less than nobody comes' => [-1, 30, 1];
        yield 'a crowd' => [1001, 30, 8];
    }

    #[DataProvider('noLines')]
    public function testWhatIsNoLineIsRefused(int|string $arrivals, int|string $minutes, int $technicians): void
    {
        $this->expectException(InvalidArgumentException::class);
        WaitingLine::of($arrivals, $minutes, $technicians);
    }

    /** @return iterable<string, array{int, int, int}> */
    public static function played(): iterable
    {
        yield 'eight technicians' => [12, 30, 8];
        yield 'one technician' => [2, 20, 1];
    }

    /** The model's figures lie in the interval of 90 of 100 seeds or more, each of them. */
    #[DataProvider('played')]
    public function testASimulationAgrees(int $arrivals, int $minutes, int $technicians): void
    {
        $line = WaitingLine::of($arrivals, $minutes, $technicians);
        $held = ['probability' => 0, 'mean' => 0, 'p90' => 0];
        for ($seed = 1; $seed <= 100; $seed++) {
            $played = LineSimulation::of($line, new SeededDice($seed), 1000) ?? self::fail('it settles');
            $held['probability'] += (int) $played->waitProbability->holds((float) $line->waitProbability());
            $held['mean'] += (int) $played->meanWaitMinutes->holds((float) $line->meanWaitMinutes());
            $held['p90'] += (int) $played->p90WaitMinutes->holds((float) $line->p90WaitMinutes());
        }
        self::assertSame([], array_filter($held, static fn(int $seeds): bool => $seeds < 90));
    }

    public function testTheSameSeedPlaysTheSame(): void
    {
        $line = WaitingLine::of(12, 30, 8);
        self::assertEquals(LineSimulation::of($line, new SeededDice(5)), LineSimulation::of($line, new SeededDice(5)));
        self::assertNotEquals(LineSimulation::of($line, new SeededDice(5)), LineSimulation::of($line, new SeededDice(6)));
        self::assertSame(0.0, LineSimulation::of(WaitingLine::of(0, 30, 1), new SeededDice(5))?->meanWaitMinutes->high);
    }
}
