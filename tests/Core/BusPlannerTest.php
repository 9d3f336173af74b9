<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Assessor;
use MintBuckle\Core\Bus\BusAnswer;
use MintBuckle\Core\Bus\BusObstacle;
use MintBuckle\Core\Bus\BusPlanner;
use MintBuckle\Core\Bus\BusReader;
use MintBuckle\Core\Bus\RiderOutgrows;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Growth\Outgrown;
use MintBuckle\Core\Rulebook;
use MintBuckle\Present\Words\BusWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** The bus planner on buses small enough to be checked by eye, and what its reader refuses. */
final class BusPlannerTest extends TestCase
{
    /**
     * @param array<string, mixed> $bench
     * @return array<string, mixed>
     */
    private static function bench(int $row, string $side, array $bench = []): array
    {
        return ['row' => $row, 'side' => $side, 'places' => 2, ...$bench];
    }

    /**
     * @param array<string, mixed> $rider
     * @return array<string, mixed>
     */
    private static function rider(string $name, int $months, int $pounds, array $rider = []): array
    {
        return ['name' => $name, 'child' => ['age_months' => $months, 'weight' => Cases::q($pounds, 'lb'), 'height' => Cases::q(40, 'in'), 'sits_unaided' => true], ...$rider];
    }

    /** @return list<array<string, mixed>> */
    private static function stock(): array
    {
        return [
            ['id' => 'R', 'kind' => 'rear_harness', 'fixed_by' => ['belt', 'lower_anchors'], 'count' => 2, 'weight_max' => Cases::q(22, 'lb')],
            ['id' => 'V', 'kind' => 'vest', 'fixed_by' => ['wrap'], 'count' => 2, 'weight_min' => Cases::q(15, 'lb'), 'weight_max' => Cases::q(60, 'lb')],
        ];
    }

    /** @return array{format: string, version: int, today: string, benches: list<array<string, mixed>>, systems: list<array<string, mixed>>, riders: list<array<string, mixed>>} four rows, belts in the first */
    private static function bus(): array
    {
        $benches = [];
        foreach ([1, 2, 3, 4] as $row) {
            foreach (['left', 'right'] as $side) {
                $benches[] = self::bench($row, $side, ['belt' => $row === 1 ? 'lap_shoulder' : 'none']);
            }
        }

        return ['format' => 'mint-buckle/bus', 'version' => 1, 'today' => '2026-11-25', 'benches' => $benches, 'systems' => self::stock(), 'riders' => []];
    }

    /** @param array<string, mixed> $bus */
    private static function plan(array $bus): BusAnswer
    {
        return BusPlanner::plan(BusReader::read(json_encode($bus, JSON_THROW_ON_ERROR)));
    }

    /**
     * @param array<string, mixed> $bus
     * @return array<string, string> "1 left 1 R belt"
     */
    private static function seats(array $bus): array
    {
        $plan = self::plan($bus)->plans[0] ?? self::fail('no plan');

        return array_map(static fn($seat): string => trim("{$seat->bench->row} {$seat->bench->side->value} {$seat->place} {$seat->system} {$seat->heldBy?->value}"), $plan->seats);
    }

    public function testRearFacingInTheFrontRowAndVestsBehindOneAnother(): void
    {
        $bus = ['riders' => [self::rider('Ada', 9, 18), self::rider('Fen', 40, 34), self::rider('Gil', 45, 36), self::rider('Ivo', 80, 50)]] + self::bus();
        $seats = self::seats($bus);
        self::assertContains($seats['Ada'], ['1 left 1 R belt', '1 right 1 R belt']);
        $side = $seats['Ada'] === '1 left 1 R belt' ? 'right' : 'left';
        self::assertSame(["1 {$side} 1 V wrap", "2 {$side} 1 V wrap"], [$seats['Fen'], $seats['Gil']], 'a wrap in front of a child in a restraint keeps no bench empty');
        self::assertStringStartsNotWith("3 {$side}", $seats['Ivo']);

        $told = BusWriter::toArray(self::plan($bus), Told::in('en'));
        self::assertSame(['row' => 3, 'side' => $side], data_get($told, 'plans.0.empty.0'));
        self::assertSame([
            'Ada rides rear-facing, as far forward as the seat fits',
            'Fen and Gil: in a restraint as far forward as there is a place at the window',
            "Row 3 {$side} stays empty: it has no belts and is behind the wrap that holds Gil",
        ], data_get($told, 'plans.0.why'));
        self::assertSame('Ada va hacia atrás, tan adelante como cabe el asiento', data_get(BusWriter::toArray(self::plan($bus), Told::in('es')), 'plans.0.why.0'));
    }

    public function testTheFirstToBoardSitInTheRearAndComeFirst(): void
    {
        $bus = ['riders' => [self::rider('Late', 80, 50, ['stop' => 3]), self::rider('Early', 80, 50, ['stop' => 1]), ['name' => 'Teacher', 'adult' => true], self::rider('Middle', 80, 50, ['stop' => 2])]] + self::bus();
        $bus['benches'] = [self::bench(1, 'left', ['places' => 1]), self::bench(2, 'left', ['places' => 1]), self::bench(3, 'left', ['places' => 1]), self::bench(4, 'left', ['places' => 1])];
        $plan = self::plan($bus)->plans[0];
        self::assertSame(['Early', 'Middle', 'Late', 'Teacher'], $plan->boarding);
        self::assertGreaterThan($plan->seats['Middle']->bench->row, $plan->seats['Early']->bench->row);
        self::assertGreaterThan($plan->seats['Late']->bench->row, $plan->seats['Middle']->bench->row);
    }

    public function testABuiltInSeatIsUsedWhereItIs(): void
    {
        $bus = self::bus();
        $bus['systems'] = [['id' => 'I', 'kind' => 'integrated', 'fixed_by' => ['bench'], 'count' => 1, 'weight_min' => Cases::q(22, 'lb'), 'weight_max' => Cases::q(60, 'lb')]];
        $bus['benches'][6]['integrated'] = 'I';
        $bus['riders'] = [self::rider('Fen', 40, 34)];

        self::assertSame(['Fen' => '4 left 1 I bench'], self::seats($bus));
    }

    public function testASecondRestraintStandsInsideTheFirst(): void
    {
        $bus = self::bus();
        $bus['benches'] = [self::bench(1, 'left', ['places' => 3])];
        $bus['riders'] = [self::rider('Fen', 40, 34), self::rider('Gil', 45, 36), self::rider('Ivo', 80, 50)];

        self::assertSame(['Fen' => '1 left 1 V wrap', 'Gil' => '1 left 2 V wrap', 'Ivo' => '1 left 3'], self::seats($bus));
    }

    public function testOneOfUnknownAgeIsRestrained(): void
    {
        $bus = self::bus();
        $bus['riders'] = [['name' => 'Fen', 'child' => ['weight' => Cases::q(45, 'lb'), 'height' => Cases::q(40, 'in')]]];

        self::assertSame(['Fen' => '1 left 1 V wrap'], self::seats($bus));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function impossible(): iterable
    {
        $bus = self::bus();
        yield 'nothing fits her' => [['riders' => [self::rider('Ada', 9, 25)]] + $bus, ['stock']];
        yield 'the vest named is too big' => [['riders' => [self::rider('Fen', 40, 20, ['system' => 'V'])]] + $bus, ['stock']];
        yield 'too few vests' => [['riders' => [self::rider('A', 40, 34), self::rider('B', 40, 34), self::rider('C', 40, 34)]] + $bus, ['count']];
        yield 'kept in the row of an exit' => [['riders' => [self::rider('A', 40, 34)], 'keep' => [['rider' => 'A', 'row' => 4, 'side' => 'left']], 'benches' => [...array_slice($bus['benches'], 0, 7), self::bench(4, 'right', ['exit' => true])]] + $bus, ['keep', 'exit']];
        yield 'rear-facing without belts' => [['riders' => [self::rider('Ada', 9, 18)], 'benches' => [self::bench(1, 'left')]] + $bus, ['belt', 'lower_anchors']];
        yield 'too deep for the only row' => [['riders' => [self::rider('A', 40, 34)], 'benches' => [self::bench(1, 'left', ['space' => Cases::q(500, 'mm')])], 'systems' => [['depth' => Cases::q(501, 'mm')] + self::stock()[1]]] + $bus, ['space']];
        yield 'more people than seats' => [['riders' => [self::rider('A', 80, 50), self::rider('B', 80, 50), self::rider('C', 80, 50)], 'benches' => [self::bench(1, 'left')]] + $bus, ['places']];
        yield 'somebody would sit unbelted behind a wrap' => [['riders' => [self::rider('A', 40, 34), self::rider('B', 80, 50), self::rider('C', 80, 50)], 'keep' => [['rider' => 'A', 'row' => 1, 'side' => 'left']], 'benches' => [self::bench(1, 'left'), self::bench(2, 'left')]] + $bus, ['keep', 'belt', 'places']];
        yield 'several at once' => [['riders' => [self::rider('Ada', 9, 18), self::rider('Bel', 9, 18), self::rider('Cyl', 9, 18)], 'benches' => [self::bench(1, 'left')]] + $bus, ['several']];
    }

    /**
     * @param array<string, mixed> $bus
     * @param list<string> $constraints
     */
    #[DataProvider('impossible')]
    public function testWhatStandsInTheWayIsSaid(array $bus, array $constraints): void
    {
        $answer = self::plan($bus);
        self::assertSame([], $answer->plans);
        self::assertSame($constraints, array_map(static fn(BusObstacle $o): string => $o->constraint, $answer->impossible ?? []));
        foreach (array_keys(Told::locales()) as $language) {
            foreach (BusWriter::toArray($answer, Told::in($language))['impossible'] ?? [] as $told) {
                self::assertMatchesRegularExpression('/^\p{Lu}.{15,}$/u', $told['words']);
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function refused(): iterable
    {
        $bus = self::bus();
        yield 'another format' => [['format' => 'mint-buckle/seating'] + $bus, ['format: must be mint-buckle/bus']];
        yield 'the same bench twice' => [['benches' => [self::bench(1, 'left'), self::bench(1, 'left')]] + $bus, ['benches.1: is the second bench 1 left']];
        yield 'no such built-in system' => [['benches' => [self::bench(1, 'left', ['integrated' => 'V'])]] + $bus, ['benches.0.integrated: must be the id of an integrated system']];
        yield 'no places said' => [['benches' => [['row' => 1, 'side' => 'left']]] + $bus, ['benches.0.places: is required']];
        yield 'a system of which little is said' => [['systems' => [['id' => 'V', 'kind' => 'vest']]] + $bus, ['systems.0.fixed_by: is required', 'systems.0.count: is required']];
        yield 'a bench without places' => [['benches' => [self::bench(1, 'left', ['places' => 0])]] + $bus, ['benches.0.places: must be a whole number from 1 to 10']];
        yield 'two systems of one id' => [['systems' => [...self::stock(), self::stock()[0]]] + $bus, ['systems.2.id: is the second R']];
        yield 'more kinds facing the rear than the search can hold' => [['systems' => array_map(static fn(int $n): array => ['id' => "R{$n}"] + self::stock()[0], range(1, 61))] + $bus, ['systems: face the rear more often than 60 times: plan with fewer kinds']];
        yield 'no system' => [['systems' => [['kind' => 'none'] + self::stock()[0]]] + $bus, ['systems.0.kind: must be a system that keeps a child']];
        yield 'two of one name' => [['riders' => [self::rider('A', 80, 50), self::rider('A', 80, 50)]] + $bus, ['riders.1.name: is the second A']];
        yield 'an unknown system' => [['riders' => [self::rider('A', 80, 50, ['system' => 'X'])]] + $bus, ['riders.0.system: must be the id of a system; there is no X']];
        yield 'born tomorrow' => [['riders' => [['name' => 'A', 'child' => ['born_on' => '2026-11-26']]]] + $bus, ['riders.0.child.born_on: lies after today; a child not yet born has a due_on']];
        yield 'kept, but not riding' => [['keep' => [['rider' => 'A', 'row' => 1, 'side' => 'left']]] + $bus, ['keep.0.rider: must be a rider; there is no A']];
        yield 'kept where there is no bench' => [['riders' => [self::rider('A', 80, 50)], 'keep' => [['rider' => 'A', 'row' => 9, 'side' => 'left']]] + $bus, ['keep.0: must be a bench; there is no 9 left']];
        yield 'kept twice' => [['riders' => [self::rider('A', 80, 50)], 'keep' => [['rider' => 'A', 'row' => 1, 'side' => 'left'], ['rider' => 'A', 'row' => 2, 'side' => 'left']]] + $bus, ['keep.1.rider: keeps A a second time']];
        yield 'an unknown key' => [['colour' => 'yellow'] + $bus, ['colour: is not a key of this format']];
    }

    /**
     * @param array<string, mixed> $bus
     * @param list<string> $problems
     */
    #[DataProvider('refused')]
    public function testRefused(array $bus, array $problems): void
    {
        try {
            self::plan($bus);
            self::fail('taken');
        } catch (InvalidCase $e) {
            self::assertSame($problems, array_map(static fn(Problem $p): string => "{$p->path}: {$p->message}", $e->problems));
        }
    }

    public function testAnEmptyBusIsAPlanOfNobody(): void
    {
        $answer = self::plan(self::bus());
        self::assertCount(1, $answer->plans);
        self::assertSame([], $answer->plans[0]->seats);
    }

    /** As a seat in a car of the same limits is outgrown: the earlier of weight and height, and null where nothing would tell. */
    public function testRidersOutgrowTheirSystems(): void
    {
        $mass = static fn(int $pounds): array => ['value' => $pounds, 'unit' => 'lb'];
        $system = ['id' => 'F', 'kind' => 'forward_harness', 'fixed_by' => ['belt'], 'count' => 1, 'weight_max' => $mass(40)];
        $outgrown = static function (array $system, array $child): ?Outgrown {
            $request = BusReader::read(json_encode(['systems' => [$system], 'riders' => [['name' => 'A', 'child' => $child]]] + self::bus(), JSON_THROW_ON_ERROR));

            return RiderOutgrows::of($request, $request->riders[0], $request->systems[0]);
        };
        $child = ['age_months' => 36, 'sex' => 'f', 'weight' => $mass(31)];
        $car = Reader::read(json_encode(['format' => Reader::FORMAT, 'version' => Reader::VERSION, 'today' => '2026-11-25', 'practice' => 'us', 'child' => $child, 'seat' => ['modes' => ['forward_harness' => ['weight_max' => $mass(40)]]], 'setup' => ['mode' => 'forward_harness']], JSON_THROW_ON_ERROR));
        $s = Assessor::assess($car, Rulebook::current())->situation;
        self::assertNotNull($s->modeRules);
        self::assertEquals(OutgrowForecast::of($s, $s->modeRules), $outgrown($system, $child));
        self::assertNotNull($outgrown($system, $child));
        self::assertNull($outgrown($system, ['weight' => $mass(31)]), 'without an age');
        self::assertNull($outgrown(['weight_max' => null] + $system, $child), 'without a maximum');
    }
}
