<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Practice\SeededDice;
use MintBuckle\Core\Drill\DrillLook;
use MintBuckle\Core\Drill\DrillMaker;
use MintBuckle\Core\Drill\DrillScore;
use MintBuckle\Core\Drill\Neighbours;
use MintBuckle\Core\Drill\Scene;
use MintBuckle\Core\Drill\Spacing;
use MintBuckle\Core\Finding\Code;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a drill is answered, counted and repeated. */
final class DrillAnswersTest extends TestCase
{
    /** @return iterable<string, array{non-empty-list<string>, list<string>, int, int}> faults, named, penalty, per cent; worked by hand */
    public static function scores(): iterable
    {
        yield 'all found' => [['a.b', 'c.d'], ['c.d', 'a.b'], 0, 100];
        yield 'one of two missed' => [['a.b', 'c.d'], ['a.b'], 3, 50];
        yield 'one false alarm' => [['a.b', 'c.d'], ['a.b', 'c.d', 'e.f'], 1, 84];
        yield 'three false alarms weigh as one miss' => [['a.b'], ['a.b', 'e.f', 'g.h', 'i.j'], 3, 0];
        yield 'nothing named' => [['a.b', 'c.d', 'e.f', 'g.h'], [], 12, 0];
        yield 'more wrong than right is no less than nothing' => [['a.b'], ['e.f', 'g.h'], 5, 0];
        yield 'named twice is named once' => [['a.b'], ['a.b', 'e.f', 'e.f'], 1, 67];
    }

    /**
     * @param non-empty-list<string> $faults
     * @param list<string> $named
     */
    #[DataProvider('scores')]
    public function testTheScore(array $faults, array $named, int $penalty, int $percent): void
    {
        $score = new DrillScore($faults, $named);
        self::assertSame([$penalty, $percent], [$score->penalty, $score->percent]);
        self::assertEqualsCanonicalizing($faults, [...$score->hits, ...$score->misses]);
    }

    /** After 1, 3, 7 and 16 days, then no more. */
    public function testTheSpacing(): void
    {
        $days = [];
        for ($next = Spacing::missed(); $next !== null; $next = Spacing::found($next->stage)) {
            $days[] = $next->days;
        }
        self::assertSame([1, 3, 7, 16], $days);
        self::assertSame([0, 1], [Spacing::missed()->stage, Spacing::missed()->days]);
    }

    /** Every error can be named at one of the facts that were changed for it, after a stated look, among others that are none. */
    public function testEveryErrorCanBeNamedWhereItShows(): void
    {
        // The last is where a child that was moved once left an airbag behind that was still told to be its error.
        foreach ([...range(1, 200), 871] as $seed) {
            $drill = (new DrillMaker(DrillTest::stock(), new SeededDice($seed)))->make(1 + $seed % 4);
            $scene = Scene::of($drill->case);
            self::assertNotNull($scene);
            foreach ($drill->slips as $code => $changes) {
                foreach (array_keys($changes) as $path) {
                    self::assertNotNull(DrillLook::of($path), $path);
                    $named = array_map(static fn(Code $c): string => $c->value, (new Neighbours($scene))->of($path));
                    self::assertContains($code, $named, "seed {$seed}: {$path}");
                    self::assertGreaterThan(1, count($named), 'with neighbours');
                    self::assertLessThanOrEqual(12, count($named));
                }
            }
        }
    }

    public function testEveryLookIsOfSomething(): void
    {
        foreach (['seat.made_on' => DrillLook::Label, 'recall_list.campaigns' => DrillLook::Label, 'seat.history.crash' => DrillLook::Family, 'child.age_months' => DrillLook::Family, 'child.weight' => DrillLook::Scale, 'seat.slots' => DrillLook::Manual, 'vehicle.positions.1.belt' => DrillLook::Place, 'setup.lock' => DrillLook::Belt, 'setup.movement.side' => DrillLook::Movement, 'setup.overhang' => DrillLook::Recline, 'setup.tether.slack' => DrillLook::Tether, 'setup.harness.clip' => DrillLook::Front, 'setup.booster.lap' => DrillLook::Front, 'setup.harness.tightness.passes' => DrillLook::Pinch, 'bus.wrap.dents' => DrillLook::Bench, 'bus.vest.crotch' => DrillLook::Vest] as $path => $look) {
            self::assertSame($look, DrillLook::of($path), $path);
        }
        self::assertNull(DrillLook::of('today'));
    }
}
