<?php

declare(strict_types=1);

namespace Tests\Present;

use MintBuckle\Core\Bus\BusPlanner;
use MintBuckle\Core\Bus\BusReader;
use MintBuckle\Core\Bus\BusSeat;
use MintBuckle\Core\Bus\ByHand\Placing;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Present\Drawing\BenchView;
use MintBuckle\Present\Drawing\BusAbove;
use PHPUnit\Framework\TestCase;
use Tests\Core\BusLaws;
use Tests\Core\Cases;
use Tests\Told;

/** The drawings of the bus, as numbers and states. */
final class BusDrawingTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function bench(string $case, array $changes = []): BenchView
    {
        return BenchView::of(new AssessmentContext(Cases::read($case, $changes)));
    }

    /** @return array<string, string> */
    private static function states(BenchView $drawing): array
    {
        return array_map(static fn(array $part): string => $part['state'], $drawing->parts);
    }

    public function testAVestShowsWhatIsRightWhatIsNotAndWhatNobodyLookedAt(): void
    {
        self::assertSame(['good'], array_values(array_unique(self::states(self::bench(Cases::BUS_VEST)))));
        $drawing = self::bench(Cases::BUS_VEST, ['bus.wrap.dents' => false, 'bus.wrap.behind' => 'unrestrained', 'bus.vest.front_right' => false, 'bus.vest.crotch' => null, 'bus.vest.lowest_strap' => 'belly']);
        self::assertSame(
            ['wrap' => 'fault', 'behind' => 'fault', 'closure' => 'fault', 'crotch' => 'unknown', 'lowest' => 'fault'],
            array_filter(self::states($drawing), static fn(string $state): bool => $state !== 'good'),
        );
        self::assertSame('row-bus-wrap-dents', $drawing->parts['wrap']['press']);
        self::assertContains('Wrap dents the seat back: no', array_map(Told::in('en')->sentence(...), $drawing->text));
        self::assertContains('Correa de entrepierna del chaleco: sin revisar aún', array_map(Told::in('es')->sentence(...), self::bench(Cases::BUS_VEST, ['bus.vest.crotch' => null])->text));
    }

    public function testABeltShowsItsBuckleEndAgainstTwoInches(): void
    {
        $belt = ['bus.held_by' => ['belt'], 'bus.bench.buckle_end' => Cases::q(3, 'in')];
        $drawing = self::bench(Cases::BUS_REAR, $belt);
        self::assertSame([45.0, 30.0], [$drawing->buckleEnd, $drawing->limit]);
        self::assertSame(90.0, self::bench(Cases::BUS_REAR, ['bus.bench.buckle_end' => Cases::q(5000, 'mm')] + $belt)->buckleEnd, 'a slip of the tape stays within the drawing');
        self::assertArrayNotHasKey('wrap', $drawing->parts);
        self::assertArrayNotHasKey('closure', $drawing->parts);
        self::assertSame('fault', self::states(self::bench(Cases::BUS_REAR, ['bus.bench.belt_condition' => 'knotted'] + $belt))['condition']);
    }

    public function testABusFromAboveHasEverybodyOnTheirBench(): void
    {
        $request = BusReader::read(json_encode(BusLaws::roomy(1, 6, 3, 6, 3), JSON_THROW_ON_ERROR));
        $plan = BusPlanner::plan($request)->plans[0];
        $drawing = BusAbove::of($request, $plan);
        self::assertCount(12, $drawing->benches);
        self::assertSame(['5 left', '5 right'], array_values(array_map(static fn(array $b): string => "{$b['row']} {$b['side']}", array_filter($drawing->benches, static fn(array $b): bool => $b['exit']))));
        self::assertCount(count($plan->empty), array_filter($drawing->benches, static fn(array $b): bool => $b['empty']));
        foreach ($drawing->riders as $rider) {
            $seat = $plan->seats[$rider['name']];
            $bench = array_values(array_filter($drawing->benches, static fn(array $b): bool => [$b['row'], $b['side']] === [$seat->bench->row, $seat->bench->side->value]))[0];
            self::assertSame($bench['x'], $rider['x']);
            self::assertGreaterThanOrEqual($bench['y'], $rider['y']);
            self::assertLessThanOrEqual($bench['y'] + $bench['height'], $rider['y'] + $rider['box'] + 8);
            $window = $seat->bench->side->value === 'left' ? $bench['y'] : $bench['y'] + $bench['height'] - $rider['box'] - 8;
            self::assertSame($seat->place === 1, $rider['y'] === $window, 'place 1 is at the window');
        }
        self::assertLessThan($drawing->width, max([0, ...array_column($drawing->benches, 'x')]) + BusAbove::BENCH);
        self::assertSame([], BusAbove::of($request, null)->riders);
    }

    public function testWhatIsProposedIsAGhostBesideWhatIsSeated(): void
    {
        $request = BusReader::read(json_encode(BusLaws::roomy(1, 6, 3, 6, 3), JSON_THROW_ON_ERROR));
        [$plan, $other] = BusPlanner::plan($request)->plans;
        $moved = (new Placing($request, $plan->seats));
        $ghosts = static fn(BusAbove $drawing): array => array_column(array_filter($drawing->riders, static fn(array $r): bool => $r['ghost']), 'at', 'name');
        self::assertCount(9, $ghosts(BusAbove::of($request, null, $plan)));
        self::assertSame([], $ghosts(BusAbove::of($request, $plan, $plan)), 'nobody sits twice on one place');
        $name = (string) array_key_first(array_filter($plan->seats, static fn(BusSeat $seat): bool => $seat->system === null));
        $moved = $moved->moved($name, 6, BenchSide::Left, 3);
        $drawing = BusAbove::of($request, $moved->plan(), $plan, [$name]);
        self::assertArrayHasKey($name, $ghosts($drawing));
        self::assertSame([$name], array_column(array_filter($drawing->riders, static fn(array $r): bool => $r['fault']), 'name'));
        self::assertNotSame([], $ghosts(BusAbove::of($request, $plan, $other)));
        foreach ($drawing->benches as $bench) {
            self::assertSame(range(1, count($bench['places'])), array_column($bench['places'], 'place'));
            self::assertSame($bench['side'] === 'left' ? 0 : $bench['height'] - BusAbove::PLACE, $bench['places'][0]['y'], 'place 1 is at the window');
        }
    }
}
