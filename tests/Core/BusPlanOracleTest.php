<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Bus\BusAnswer;
use MintBuckle\Core\Bus\BusPlanner;
use MintBuckle\Core\Bus\BusReader;
use MintBuckle\Present\Words\BusWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** The bus planner against a second reading of the same laws: every placing tried where that is possible, the laws alone where it is not. */
final class BusPlanOracleTest extends TestCase
{
    /** @return iterable<string, array{int, int}> first seed, how many */
    public static function batches(): iterable
    {
        foreach (range(0, 9) as $batch) {
            yield "seeds from {$batch}00" => [$batch * 100, 100];
        }
    }

    #[DataProvider('batches')]
    public function testNoPlacingIsCheaper(int $from, int $many): void
    {
        $planned = 0;
        for ($seed = $from; $seed < $from + $many; $seed++) {
            // Trying everything grows too fast for eight riders on eight benches at once.
            $riders = $seed % 25 === 7 ? 8 : 1 + $seed % 5;
            $laws = new BusLaws(BusLaws::random($seed, $riders, min(1 + $seed % 4, $riders > 5 ? 2 : ($riders > 4 ? 3 : 4))));
            $answer = self::plan($laws);
            self::assertTrue($answer->isExact, "seed {$seed}");
            $costs = self::lawful($laws, $answer, "seed {$seed}");
            self::assertSame($laws->cheapest(), $costs[0] ?? null, "seed {$seed}");
            self::assertSame($costs === [], $answer->impossible !== null && $answer->impossible !== [], "seed {$seed}");
            $planned += (int) ($costs !== []);
        }
        self::assertGreaterThan($many / 5, $planned, 'most buses can be seated');
    }

    /** @return iterable<string, array{int, int, int, int, bool}> restrained, others, rows, stops, whether it is to be exact */
    public static function large(): iterable
    {
        yield 'twelve stops' => [12, 0, 12, 12, true];
        yield 'four stops' => [12, 0, 12, 4, true];
        yield 'with others' => [12, 4, 12, 4, true];
        yield 'a full bus' => [12, 24, 12, 6, false];
        yield 'beyond its size' => [20, 12, 14, 8, false];
    }

    #[DataProvider('large')]
    public function testLargeBusesBreakNoLaw(int $restrained, int $others, int $rows, int $stops, bool $exact): void
    {
        foreach ([1, 2] as $seed) {
            $laws = new BusLaws(BusLaws::roomy($seed, $restrained, $others, $rows, $stops));
            $answer = self::plan($laws);
            self::assertNotSame([], self::lawful($laws, $answer, "seed {$seed}"));
            self::assertSame($answer->isExact, $answer->cut === null);
            self::assertTrue($answer->isExact || ! $exact, "seed {$seed}");
        }
    }

    public function testThoseOfTheSameStopSitTogetherAndTheFirstToBoardInTheRear(): void
    {
        $bus = BusLaws::roomy(3, 0, 8, 4, 2);
        $bus['benches'] = array_map(static fn(array $b): array => ['places' => 2, 'exit' => false, 'belt' => 'none'] + $b, $bus['benches']);
        foreach ($bus['riders'] as $n => $rider) {
            $bus['riders'][$n] = ['child' => ['age_months' => 80, 'weight' => ['value' => 50, 'unit' => 'lb'], 'height' => ['value' => 46, 'unit' => 'in'], 'sits_unaided' => true], 'stop' => 1 + intdiv($n, 4)] + $rider;
        }
        $laws = new BusLaws($bus);

        self::assertSame([0, 0, 0, 0, 0], self::lawful($laws, self::plan($laws), 'two stops')[0]);
    }

    private static function plan(BusLaws $laws): BusAnswer
    {
        return BusPlanner::plan(BusReader::read(json_encode($laws->bus, JSON_THROW_ON_ERROR)));
    }

    /** @return list<array{int, int, int, int, int}> what the plans cost, after they were found to break no law */
    private static function lawful(BusLaws $laws, BusAnswer $answer, string $what): array
    {
        /** @var array{plans: list<array{places: array<string, array{row: int, side: string, place: int, system: string|null, held_by: string|null}>, boarding: list<string>, empty: list<array{row: int, side: string}>, why: list<string>}>} $told */
        $told = json_decode(json_encode(BusWriter::toArray($answer, Told::in('en')), JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
        $costs = [];
        foreach ($told['plans'] as $plan) {
            self::assertSame([], $laws->broken($plan['places']), $what);
            self::assertEqualsCanonicalizing($laws->empty($plan['places']), $plan['empty'], $what);
            self::assertEqualsCanonicalizing(array_column($laws->bus['riders'], 'name'), $plan['boarding'], $what);
            self::assertPlaces($laws, $plan['places'], $what);
            self::assertBoarding($laws, $plan, $what);
            $costs[] = $laws->cost($plan['places']);
        }
        $sorted = $costs;
        sort($sorted);
        self::assertSame($sorted, $costs, "{$what}: best first");
        self::assertLessThanOrEqual(10, count($costs));

        return $costs;
    }

    /**
     * Restraints fill a bench from the window and leave its last place; nobody sits on another.
     *
     * @param array<string, array{row: int, side: string, place: int, system: string|null, held_by: string|null}> $seats
     */
    private static function assertPlaces(BusLaws $laws, array $seats, string $what): void
    {
        $width = array_column($laws->bus['systems'], 'width_places', 'id');
        foreach ($laws->bus['benches'] as $bench) {
            $here = array_filter($seats, static fn(array $s): bool => [$s['row'], $s['side']] === [$bench['row'], $bench['side']]);
            usort($here, static fn(array $a, array $b): int => $a['place'] <=> $b['place']);
            $next = 1;
            foreach ($here as $seat) {
                self::assertSame($next, $seat['place'], $what);
                $next += $width[$seat['system'] ?? ''] ?? 1;
                self::assertLessThanOrEqual($bench['places'] + ($seat['system'] === null ? 1 : 0), $next, $what);
            }
            $systems = array_column($here, 'system');
            self::assertSame($systems, [...array_filter($systems), ...array_filter($systems, is_null(...))], "{$what}: restraints start at the window");
        }
    }

    /** @param array{places: array<string, array{row: int}>, boarding: list<string>} $plan */
    private static function assertBoarding(BusLaws $laws, array $plan, string $what): void
    {
        $stops = array_column($laws->bus['riders'], 'stop', 'name');
        $order = array_map(static fn(string $name): array => [$stops[$name] ?? 1000, -$plan['places'][$name]['row']], $plan['boarding']);
        $sorted = $order;
        sort($sorted);
        self::assertSame($sorted, $order, "{$what}: by stop, rear first");
    }
}
