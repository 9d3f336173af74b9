<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Bus\BusPlanner;
use MintBuckle\Core\Bus\BusReader;
use MintBuckle\Core\Bus\BusSeat;
use MintBuckle\Core\Bus\ByHand\Placing;
use MintBuckle\Core\Bus\ByHand\PlacingFault;
use MintBuckle\Core\Bus\EvacuationOrder;
use MintBuckle\Core\Facts\BenchSide;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Told;

/** A bus seated by hand: what may not be is said, and nothing else. */
final class PlacingTest extends TestCase
{
    /** @return array<string, mixed> two benches with belts, two without, an exit row */
    private static function bus(): array
    {
        $bench = static fn(int $row, string $side, string $belt, array $more = []): array => ['row' => $row, 'side' => $side, 'places' => 2, 'belt' => $belt, ...$more];
        $rider = static fn(string $name, int $months, int $pounds): array => ['name' => $name, 'child' => ['age_months' => $months, 'weight' => Cases::q($pounds, 'lb'), 'sits_unaided' => true]];

        return [
            'format' => 'mint-buckle/bus', 'version' => 1, 'today' => '2026-11-25',
            'benches' => [
                $bench(1, 'left', 'lap_shoulder', ['space' => Cases::q(700, 'mm')]), $bench(1, 'right', 'lap_shoulder', ['space' => Cases::q(500, 'mm')]), $bench(2, 'left', 'none', ['places' => 3]), $bench(2, 'right', 'none'),
                $bench(3, 'left', 'none'), $bench(3, 'right', 'none', ['exit' => true]), $bench(4, 'left', 'none'),
            ],
            'systems' => [
                ['id' => 'R', 'kind' => 'rear_harness', 'fixed_by' => ['belt'], 'count' => 2, 'weight_max' => Cases::q(30, 'lb'), 'depth' => Cases::q(600, 'mm')],
                ['id' => 'V', 'kind' => 'vest', 'fixed_by' => ['wrap'], 'count' => 1, 'weight_max' => Cases::q(60, 'lb'), 'weight_min' => Cases::q(31, 'lb')],
            ],
            'riders' => [$rider('Ada', 9, 18), $rider('Fen', 40, 35), $rider('Kit', 41, 36), $rider('Ivo', 70, 50), $rider('Max', 80, 55), $rider('Bo', 30, 90)],
        ];
    }

    /**
     * @param list<array{string, string}> $moves rider, "1 left 1"
     */
    private static function placed(array $moves): Placing
    {
        $placing = new Placing(BusReader::read(json_encode(self::bus(), JSON_THROW_ON_ERROR)));
        foreach ($moves as [$who, $where]) {
            [$row, $side, $place] = explode(' ', $where);
            $placing = $placing->moved($who, (int) $row, BenchSide::from($side), (int) $place);
        }

        return $placing;
    }

    /** @return iterable<string, array{list<array{string, string}>, list<string>}> moves and whole fault lists */
    public static function placings(): iterable
    {
        yield 'rear-facing by the belt of the foremost row' => [[['Ada', '1 left 1']], []];
        yield 'a vest at the window, its wrap' => [[['Fen', '2 left 1']], []];
        yield 'one who needs nothing' => [[['Ivo', '4 left 2']], []];
        yield 'behind a wrap, unbelted' => [[['Fen', '2 left 1'], ['Ivo', '3 left 2']], ['Ivo behind']];
        yield 'two benches behind a wrap' => [[['Fen', '2 left 1'], ['Ivo', '4 left 2']], []];
        yield 'on the other side of a wrap' => [[['Fen', '2 left 1'], ['Ivo', '3 right 2']], []];
        yield 'a wrap behind a belted bench' => [[['Fen', '2 left 1'], ['Ivo', '1 left 2']], []];
        yield 'in the exit row' => [[['Fen', '3 left 1']], ['Fen exit']];
        yield 'at the aisle' => [[['Fen', '2 right 2']], ['Fen aisle', 'Fen window']];
        yield 'on the middle place, nobody at the window' => [[['Fen', '2 left 2']], ['Fen window']];
        yield 'on the middle place, somebody unrestrained at the window' => [[['Ivo', '2 left 1'], ['Fen', '2 left 2']], ['Fen window']];
        yield 'too deep' => [[['Ada', '1 right 1']], ['Ada depth']];
        yield 'nothing fixes it, and one ahead would' => [[['Ada', '2 right 1']], ['Ada fixing', 'Ada foremost']];
        yield 'more vests than there are' => [[['Fen', '2 left 1'], ['Kit', '2 right 1']], ['Fen stock', 'Kit stock']];
        yield 'nothing fits' => [[['Bo', '1 left 1']], ['Bo needs']];
        yield 'beyond the bench' => [[['Ivo', '1 left 3']], ['Ivo beyond']];
        yield 'on each other\'s place they change' => [[['Ivo', '4 left 1'], ['Max', '4 left 2'], ['Max', '4 left 1']], []];
        yield 'on the place of one who was nowhere before' => [[['Ivo', '4 left 1'], ['Max', '4 left 1']], []];
    }

    /**
     * @param list<array{string, string}> $moves
     * @param list<string> $faults
     */
    #[DataProvider('placings')]
    public function testWhatMayNotBeIsSaid(array $moves, array $faults): void
    {
        $found = self::placed($moves)->faults();
        self::assertSame($faults, array_map(static fn(PlacingFault $fault): string => "{$fault->rider} {$fault->code->value}", $found));
        foreach ($found as $fault) {
            self::assertStringContainsString($fault->rider, Told::english($fault->told()));
        }
    }

    public function testTheyChangePlaces(): void
    {
        $placing = self::placed([['Ivo', '4 left 1'], ['Max', '2 right 2'], ['Max', '4 left 1']]);
        $at = static fn(BusSeat $seat): string => "{$seat->bench->row} {$seat->bench->side->value} {$seat->place}";
        self::assertEquals(['Max' => '4 left 1', 'Ivo' => '2 right 2'], array_map($at, $placing->seats));
        self::assertSame(['Ivo'], array_values(array_intersect(self::placed([['Ivo', '4 left 1'], ['Max', '4 left 1']])->unseated(), ['Ivo', 'Max'])), 'who is put out has no place until given one');
        self::assertEquals($placing, $placing->moved('Nobody', 1, BenchSide::Left, 1));
        self::assertEquals($placing, $placing->moved('Ivo', 9, BenchSide::Left, 1));
    }

    /** Each by the nearest way out, those without help first: worked by hand. */
    public function testHowTheyLeave(): void
    {
        $leaving = static fn(Placing $placing): array => array_map(static fn(array $way): array => [$way['row'], ...$way['names']], EvacuationOrder::of($placing->request, $placing->seats));
        self::assertSame([[null, 'Ivo', 'Ada'], [3, 'Max', 'Fen']], $leaving(self::placed([['Ada', '1 left 1'], ['Ivo', '1 right 2'], ['Fen', '2 left 1'], ['Max', '4 left 2']])));
        self::assertSame([], $leaving(self::placed([])));
    }

    public function testAsAPlan(): void
    {
        $plan = self::placed([['Fen', '2 left 1'], ['Ada', '1 left 1'], ['Ivo', '4 left 2']])->plan();
        self::assertSame(['Ada', 'Fen', 'Ivo'], array_keys($plan->seats));
        self::assertSame(['Ivo', 'Fen', 'Ada'], $plan->boarding);
        self::assertSame([[3, 'left']], array_map(static fn($bench): array => [$bench->row, $bench->side->value], $plan->empty));
    }

    /** Two thousand random placings against the laws as the format states them, read separately; and every plan found is one without fault. */
    public function testAgainstTheLaws(): void
    {
        $clean = 0;
        foreach (range(1, 500) as $seed) {
            $bus = ['keep' => []] + BusLaws::random($seed, 4, 5);
            $laws = new BusLaws($bus);
            $request = BusReader::read(json_encode($bus, JSON_THROW_ON_ERROR));
            $plans = BusPlanner::plan($request)->plans;
            foreach (range(1, 4) as $try) {
                $r = new Randomizer(new Mt19937($seed * 10 + $try));
                $placing = self::placing($laws, new Placing($request), $r, $plans[0]->seats ?? []);
                $seats = [];
                foreach ($placing->seats as $name => $seat) {
                    $seats[(string) $name] = ['row' => $seat->bench->row, 'side' => $seat->bench->side->value, 'system' => $seat->system, 'held_by' => $seat->heldBy?->value];
                }
                $broken = $laws->broken($seats);
                $faults = array_map(static fn(PlacingFault $fault): string => Told::english($fault->told()), $placing->faults());
                self::assertSame($broken === [], $faults === [], "seed {$seed} try {$try}: " . json_encode([$broken, $faults, $seats]));
                $clean += $broken === [] ? 1 : 0;
            }
            foreach ($plans as $plan) {
                self::assertSame([], (new Placing($request, $plan->seats))->faults(), "seed {$seed}: a plan");
            }
        }
        self::assertGreaterThan(100, $clean);
    }

    /**
     * Everybody somewhere, as in a plan but for one or two: those who need a restraint first, from the window inwards.
     *
     * @param array<array-key, BusSeat> $planned
     */
    private static function placing(BusLaws $laws, Placing $placing, Randomizer $r, array $planned): Placing
    {
        $riders = $laws->bus['riders'];
        $benches = $placing->request->benches;
        $elsewhere = array_flip(array_slice($r->shuffleArray(array_column($riders, 'name')), 0, $r->getInt(1, 2)));
        usort($riders, static fn(array $a, array $b): int => $laws->needs($b) <=> $laws->needs($a));
        foreach ($riders as $rider) {
            $bench = isset($planned[$rider['name']]) && ! isset($elsewhere[$rider['name']]) ? $planned[$rider['name']]->bench : $benches[$r->getInt(0, count($benches) - 1)];
            $taken = array_sum(array_map($placing->width(...), $placing->on($bench)));
            $placing = $placing->moved($rider['name'], $bench->row, $bench->side, $taken + 1);
        }

        return $placing;
    }
}
