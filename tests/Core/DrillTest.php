<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Practice\SeededDice;
use LogicException;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Drill\Drill;
use MintBuckle\Core\Drill\DrillMaker;
use MintBuckle\Core\Drill\DrillStock;
use MintBuckle\Core\Drill\DrillWeights;
use MintBuckle\Core\Drill\FixedDrill;
use MintBuckle\Core\Drill\Throws;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Drills: the key is the assessor's own, whatever the seed; the good one is good; each error can be seen or asked for. */
final class DrillTest extends TestCase
{
    private static ?DrillStock $stock = null;

    public static function stock(): DrillStock
    {
        return self::$stock ??= self::read();
    }

    private static function read(): DrillStock
    {
        $file = static fn(string $name): array => (array) json_decode((string) file_get_contents(dirname(__DIR__, 2) . "/database/demo/{$name}.json"), false, 64, JSON_THROW_ON_ERROR);
        $seats = $vests = $cars = [];
        foreach ($file('seat-models') as $model) {
            assert($model instanceof stdClass && $model->rules instanceof stdClass);
            $model->kind === 'vest' ? $vests[] = $model->rules : $seats[] = $model->rules;
        }
        foreach ($file('vehicle-layouts') as $car) {
            assert($car instanceof stdClass && is_array($car->positions));
            if (count(array_filter($car->positions, static fn(mixed $place): bool => $place instanceof stdClass && isset($place->belt))) === count($car->positions)) {
                $cars[] = (object) ['model_year' => 2018, 'positions' => $car->positions];
            }
        }
        assert($seats !== [] && $cars !== []);

        return new DrillStock($seats, $cars, $vests);
    }

    /** @return list<string> codes that stop or must be put right, as the assessor says of the file alone */
    private static function faults(stdClass $case): array
    {
        $findings = Assessor::assess(Reader::read(json_encode($case, JSON_THROW_ON_ERROR)), Rulebook::current())->findings;
        $codes = array_map(static fn(Finding $f): string => $f->code->value, array_filter($findings, static fn(Finding $f): bool => in_array($f->severity, [Severity::Stop, Severity::Fix], true)));
        sort($codes);

        return $codes;
    }

    private static function holds(Drill $drill, string $which): void
    {
        self::assertSame($drill->faults, self::faults($drill->case), $which);
        self::assertSame(Verdict::GoodToRide, Assessor::assess(Reader::read(json_encode($drill->good, JSON_THROW_ON_ERROR)), Rulebook::current())->verdict, $which);
        foreach ($drill->slips as $code => $changes) {
            foreach (array_keys($changes) as $path) {
                self::assertTrue($path === 'recall_list.campaigns' || $path === 'child.age_months' || Questionnaire::standard()->for($path) !== null, "{$which}: {$code} by {$path} can be seen, measured or asked for");
                self::assertNotSame(json_encode(CasePath::get($drill->good, $path)), json_encode(CasePath::get($drill->case, $path)), "{$which}: {$path}");
                self::assertTrue(count($drill->faults) > 1 || CasePath::get($drill->good, $path) !== null || in_array($path, ['recall_list.campaigns', 'setup.harness.insert'], true), "{$which}: a seat without it cannot show {$path}");
            }
        }
    }

    public function testOverTwoThousandSeeds(): void
    {
        [$codes, $seats, $cars, $onBus, $cases] = [[], [], [], 0, []];
        foreach (range(1, 2040) as $seed) {
            $level = 1 + $seed % DrillMaker::LEVELS;
            $drill = (new DrillMaker(self::stock(), new SeededDice($seed)))->make($level);
            self::assertCount($level, $drill->faults, "seed {$seed}");
            self::assertSame($drill->faults, array_values(array_unique($drill->faults)));
            self::holds($drill, "seed {$seed}");
            $codes += array_flip($drill->faults);
            $seats[json_encode(CasePath::get($drill->good, 'seat.model'))] = true;
            $cars[json_encode(CasePath::get($drill->good, 'vehicle'))] = true;
            $onBus += CasePath::get($drill->good, 'bus') === null ? 0 : 1;
            $cases[json_encode($drill->case)] = true;
        }
        self::assertGreaterThanOrEqual(70, count($codes));
        self::assertGreaterThanOrEqual(12, count($seats));
        self::assertGreaterThanOrEqual(4, count($cars));
        self::assertGreaterThan(100, $onBus);
        self::assertGreaterThan(2_000, count($cases), 'hardly two alike');
    }

    public function testTheSameSeedIsTheSameDrill(): void
    {
        $make = static fn(int $seed): Drill => (new DrillMaker(self::stock(), new SeededDice($seed)))->make(3);
        self::assertEquals($make(77), $make(77));
        self::assertNotEquals($make(77)->case, $make(78)->case);
    }

    /** @return iterable<string, array{FixedDrill}> */
    public static function fixed(): iterable
    {
        foreach (FixedDrill::cases() as $one) {
            yield $one->value => [$one];
        }
    }

    #[DataProvider('fixed')]
    public function testTheSetsThatShip(FixedDrill $fixed): void
    {
        foreach ([1, 2] as $seed) {
            $drill = $fixed->make(self::stock(), new SeededDice($seed));
            self::assertEqualsCanonicalizing($fixed->codes(), $drill->faults);
            self::holds($drill, $fixed->value);
        }
    }

    /** Handbook section 2 names the common ones; the figures are this project's own. */
    public function testWeights(): void
    {
        $weights = DrillWeights::all(Rulebook::current());
        self::assertSame([3, 3, 3, 3, 2, 1], array_map(static fn(string $code): int => $weights[$code], ['harness.clip', 'secure.belt_unlocked', 'booster.under_arm', 'measure.tether_unused', 'harness.coat', 'secure.clip_prongs']));
        self::assertSame([1, 2, 3], array_values(array_unique([min($weights), 2, max($weights)])));
        self::assertArrayNotHasKey('expiry.soon', $weights, 'advice is no error');
        self::assertArrayNotHasKey('handover.checker_same', $weights);
        self::assertSame(13, DrillWeights::all(Rulebook::current(), ['harness.clip' => 10])['harness.clip']);
    }

    /** A learner who keeps missing one error meets it more often. */
    public function testWhatIsMissedComesBack(): void
    {
        $count = static function (int $more): int {
            $met = 0;
            foreach (range(1, 150) as $seed) {
                $met += in_array('harness.coat', (new DrillMaker(self::stock(), new SeededDice($seed), ['harness.coat' => $more]))->make(1)->faults, true) ? 1 : 0;
            }

            return $met;
        };
        self::assertGreaterThan(3 * max(1, $count(0)), $count(40));
    }

    public function testThrows(): void
    {
        $throws = new Throws(new SeededDice(5));
        $list = range(1, 20);
        self::assertEqualsCanonicalizing($list, $throws->mixed($list));
        self::assertSame([], $throws->mixed([]));
        $drawn = array_count_values(array_map(static fn(): string => $throws->weighted(['a' => 1, 'b' => 3]), range(1, 4000)));
        self::assertEqualsWithDelta(3.0, ($drawn['b'] ?? 0) / max(1, $drawn['a'] ?? 0), 0.4);
    }

    public function testOfAStockWithNothingGoodNoneIsMade(): void
    {
        $this->expectException(LogicException::class);
        (new DrillMaker(new DrillStock([new stdClass()], [new stdClass()]), new SeededDice(1)))->make(1);
    }
}
