<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Assessor;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Seating\SeatingPlanner;
use MintBuckle\Core\Seating\SeatingReader;
use MintBuckle\Present\Words\SeatingWriter;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use stdClass;
use Tests\Told;

/**
 * The planner against brute force written on its own, from the handbook's sentences, over plain arrays: every assignment of a random
 * family is tried, what breaks a rule is dropped, the rest is sorted.
 *
 * @phpstan-import-type Place from Family
 * @phpstan-import-type Rider from Family
 */
final class SeatingOracleTest extends TestCase
{
    private const FIRST = 120;

    private const FAMILIES = 1000;

    public function testEveryPlanOfTheFirstFamilies(): void
    {
        self::assertGreaterThan(3, min(self::planAgainstBruteForce(1, self::FIRST)));
    }

    #[Group('slow')]
    public function testEveryPlanOfAThousandFamilies(): void
    {
        $seen = self::planAgainstBruteForce(self::FIRST + 1, self::FAMILIES);
        self::assertGreaterThan(50, min($seen), 'every kind of family came up: ' . json_encode($seen));
    }

    /** @return array{plans: int, impossible: int, advised: int} how many of each kind came up */
    private static function planAgainstBruteForce(int $from, int $to): array
    {
        $seen = ['plans' => 0, 'impossible' => 0, 'advised' => 0];
        for ($seed = $from; $seed <= $to; $seed++) {
            $file = Family::of($seed);
            $answer = self::planned($file);
            $expected = self::bruteForce($file['practice'], $file['vehicle'], $file['riders']);

            self::assertSame(array_slice($expected, 0, 10), array_map(static fn(array $p): array => [(array) $p['places'], $p['advise']], $answer['plans']), "family {$seed}: " . json_encode($file));
            self::assertSame($expected === [], $answer['impossible'] !== null, "family {$seed}");
            $seen[$expected === [] ? 'impossible' : 'plans']++;
            $seen['advised'] += ($expected[0][1] ?? 0) > 0 ? 1 : 0;
        }

        return $seen;
    }

    /** What is proposed must have nothing against it in the check that follows. */
    #[Group('slow')]
    public function testTheCheckHasNothingAgainstAProposal(): void
    {
        for ($seed = 2001; $seed <= 2060; $seed++) {
            $file = Family::of($seed);
            foreach (array_slice(self::planned($file)['plans'], 0, 2) as $plan) {
                [$places, $held] = [array_filter((array) $plan['places'], is_string(...)), (array) $plan['held_by']];
                foreach ($file['riders'] as $rider) {
                    $vehicle = $file['vehicle'];
                    $others = array_diff($places, [$places[$rider['name']]]);
                    $vehicle['positions'] = array_map(static fn(array $p): array => ['taken' => $p['taken'] || in_array($p['name'], $others, true)] + $p, $vehicle['positions']);
                    $case = ['format' => 'mint-buckle/case', 'version' => 1, 'today' => '2026-10-10', 'practice' => $file['practice'], 'child' => $rider['child'], 'seat' => $rider['seat'], 'vehicle' => $vehicle, 'setup' => ['mode' => $rider['mode'], 'position' => $places[$rider['name']], 'held_by' => $held[$rider['name']]]];
                    $object = json_decode(json_encode($case, JSON_THROW_ON_ERROR), false, 32, JSON_THROW_ON_ERROR);
                    assert($object instanceof stdClass);
                    $against = array_filter(Assessor::assess(Reader::fromObject($object), Rulebook::current())->findings, static fn(Finding $f): bool => in_array($f->severity, [Severity::Stop, Severity::Fix], true) && $f->station() !== Station::Label);
                    self::assertSame([], array_values(array_map(static fn(Finding $f): string => $f->code->value, $against)), json_encode([$plan, $case], JSON_THROW_ON_ERROR));
                }
            }
        }
    }

    /**
     * @param array<string, mixed> $file
     * @return array{plans: list<array<string, mixed>>, impossible: list<array<string, string>>|null}
     */
    private static function planned(array $file): array
    {
        return SeatingWriter::toArray(SeatingPlanner::plan(SeatingReader::read(json_encode($file, JSON_THROW_ON_ERROR), CalendarDate::of(2026, 10, 10))), Told::in('en'));
    }

    /**
     * @param array{borrow_anchors_ok: bool, positions: list<Place>} $vehicle
     * @param list<Rider> $riders
     * @return list<array{array<string, string>, int}> places by rider, and advice; best first
     */
    private static function bruteForce(string $practice, array $vehicle, array $riders): array
    {
        $all = [];
        foreach (self::assignments($vehicle['positions'], count($riders)) as $places) {
            $best = null;
            foreach (self::holdings($riders) as $held) {
                $advice = self::advice($practice, $vehicle, $riders, $places, $held);
                if ($advice !== null) {
                    $youngest = self::youngest($riders);
                    $cost = [$advice, $youngest === null ? 0 : self::claim($practice, $riders[$youngest], $places[$youngest], $held[$youngest]), self::moves($practice, $vehicle, $riders, $places), self::thirdRowShut($vehicle['positions'], $places), ...array_map(static fn(array $p): int => (int) array_search($p, $vehicle['positions'], true), $places)];
                    $best = $best === null ? $cost : min($best, $cost);
                }
            }
            if ($best !== null) {
                $all[] = [$best, [array_combine(array_column($riders, 'name'), array_column($places, 'name')), $best[0]]];
            }
        }
        usort($all, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($all, 1);
    }

    /**
     * @param list<Place> $positions
     * @return iterable<list<Place>>
     */
    private static function assignments(array $positions, int $count): iterable
    {
        if ($count === 0) {
            yield [];

            return;
        }
        foreach ($positions as $i => $place) {
            $rest = $positions;
            unset($rest[$i]);
            foreach (self::assignments(array_values($rest), $count - 1) as $tail) {
                yield [$place, ...$tail];
            }
        }
    }

    /**
     * @param list<Rider> $riders
     * @return list<list<string>>
     */
    private static function holdings(array $riders): array
    {
        $all = [[]];
        foreach ($riders as $rider) {
            $all = array_merge(...array_map(static fn(array $h): array => array_map(static fn(string $w): array => [...$h, $w], $rider['held_by'] === null ? ['belt', 'lower_anchors'] : [$rider['held_by']]), $all));
        }

        return $all;
    }

    /**
     * How much is advised against; null when a rule breaks.
     *
     * @param array{borrow_anchors_ok: bool, positions: list<Place>} $vehicle
     * @param list<Rider> $riders
     * @param list<Place> $places
     * @param list<string> $held
     */
    private static function advice(string $practice, array $vehicle, array $riders, array $places, array $held): ?int
    {
        $used = array_column($places, 'name');
        $advice = 0;
        foreach ($riders as $i => $rider) {
            $free = array_filter($vehicle['positions'], static fn(array $p): bool => ! in_array($p['name'], $used, true) && self::couldTake($practice, $rider, $p));
            $backFree = array_filter($free, static fn(array $p): bool => $p['name'][0] !== '1') !== [];
            $tetherFree = array_filter($free, static fn(array $p): bool => $p['tether_anchor']) !== [];
            $one = self::alone($practice, $vehicle, $rider, $places[$i], $held[$i], $backFree, $tetherFree);
            if ($one === null) {
                return null;
            }
            $advice += $one;
            $borrows = $held[$i] === 'lower_anchors' && ! $places[$i]['lower_anchors'];
            foreach ($places as $j => $beside) {
                if ($borrows && $j !== $i && $held[$j] === 'lower_anchors' && $beside['name'][0] === $places[$i]['name'][0]) {
                    return null;
                }
            }
        }

        return self::tooWide($vehicle['positions'], $riders, $places) ? null : $advice;
    }

    /**
     * Without a stop or fix of the place.
     *
     * @param Rider $rider
     * @param Place $place
     */
    private static function couldTake(string $practice, array $rider, array $place): bool
    {
        $seat = $rider['seat'];
        $rear = $rider['mode'] === 'rear_harness';
        $harness = $rear || $rider['mode'] === 'forward_harness';
        $demanded = $harness && ($rear ? $seat['tether_rear'] === 'required' : $practice !== 'us' || $seat['tether_forward_required']);
        $held = $harness ? $place['lower_anchors'] || self::locks($seat, $place) : $place['belt'] === 'lap_shoulder';

        return $held && ! $place['taken'] && ! $place['side_facing'] && ! $place['airbag'] && (! $demanded || $place['tether_anchor']);
    }

    /**
     * @param array{lockoff: bool} $seat
     * @param Place $place
     */
    private static function locks(array $seat, array $place): bool
    {
        return $place['belt'] !== 'none' && ($seat['lockoff'] || $place['latch_plate'] === 'locking' || $place['retractor'] !== 'elr' || ($place['belt'] === 'lap_shoulder' && $place['latch_plate'] === 'sliding'));
    }

    /**
     * @param array{borrow_anchors_ok: bool, positions: list<Place>} $vehicle
     * @param Rider $rider
     * @param Place $place
     */
    private static function alone(string $practice, array $vehicle, array $rider, array $place, string $held, bool $backFree, bool $tetherFree): ?int
    {
        $seat = $rider['seat'];
        [$rear, $forward] = [$rider['mode'] === 'rear_harness', $rider['mode'] === 'forward_harness'];
        $harness = $rear || $forward;
        $advice = 0;
        if ($place['taken'] || $place['side_facing'] || ($place['airbag'] && $rear) || $rider['child']['weight']['value'] > Family::MODES[$rider['mode']][1] || $rider['child']['weight']['value'] < Family::MODES[$rider['mode']][0]) {
            return null;
        }
        if ($place['airbag']) {
            if ($backFree) {
                return null;
            }
            $advice++;
        }
        if ($place['name'][0] === '1' && $rider['child']['age_months'] < 156) {
            if ($backFree) {
                return null;
            }
            $advice++;
        }
        if (! $harness) {
            return $place['belt'] !== 'lap_shoulder' || ($place['inflatable_belt'] && $seat['inflatable_belt_ok'] === false) ? null : $advice;
        }
        $tether = $forward || $seat['tether_rear'] === 'required';
        if ($tether && ! $place['tether_anchor']) {
            if ($tetherFree || $rear || $practice !== 'us' || $seat['tether_forward_required'] === true) {
                return null;
            }
            $advice++;
        }
        $locks = self::locks($seat, $place);
        if ($held === 'belt') {
            return ! $locks || ($place['inflatable_belt'] && $seat['inflatable_belt_ok'] === false) ? null : $advice;
        }
        $sides = array_filter($vehicle['positions'], static fn(array $p): bool => $p['name'][0] === $place['name'][0] && $p['name'][1] !== 'C' && $p['lower_anchors']);
        // A place where the finder knows no way to lock the belt and that has no bars of its own is none for a harness seat.
        $borrow = $locks && $place['name'][1] === 'C' && count($sides) === 2 && $vehicle['borrow_anchors_ok'] && $seat['borrow_anchors_ok'] === true;

        return $rider['child']['weight']['value'] > 25 || (! $place['lower_anchors'] && ! $borrow) ? null : $advice;
    }

    /**
     * @param list<Place> $positions
     * @param list<Rider> $riders
     * @param list<Place> $places
     */
    private static function tooWide(array $positions, array $riders, array $places): bool
    {
        foreach (['1', '2', '3'] as $row) {
            $have = array_column(array_filter($positions, static fn(array $p): bool => $p['name'][0] === $row), null, 'name');
            $widths = array_map(static function (string $side) use ($have, $riders, $places, $row): ?array {
                $name = $row . $side;
                $at = array_search($name, array_column($places, 'name'), true);

                return match (true) {
                    ! isset($have[$name]) => null,
                    $at !== false => [$riders[$at]['seat']['width']['value'], $have[$name]['width']['value']],
                    $have[$name]['taken'] => [$have[$name]['width']['value'], $have[$name]['width']['value']],
                    default => null,
                };
            }, ['L', 'C', 'R']);
            [$left, $centre, $right] = $widths;
            foreach ([[$left, $centre, $right], $right === null ? [$left, $centre] : [null], $left === null ? [$centre, $right] : [null]] as $run) {
                if (! in_array(null, $run, true) && array_sum(array_column($run, 0)) > array_sum(array_column($run, 1))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<Rider> $riders */
    private static function youngest(array $riders): ?int
    {
        $ages = array_map(static fn(array $r): int => $r['child']['age_months'], $riders);

        return $ages === [] ? null : (int) array_search(min($ages), $ages, true);
    }

    /**
     * @param Rider $rider
     * @param Place $place
     */
    private static function claim(string $practice, array $rider, array $place, string $held): int
    {
        $harness = str_ends_with($rider['mode'], 'harness');
        $well = match (true) {
            ! $harness => true,
            $held === 'belt' => $rider['seat']['lockoff'] === true || $place['latch_plate'] === 'locking' || $place['retractor'] !== 'elr',
            default => $place['lower_anchors'],
        };

        return match (true) {
            $place['name'][0] === '1' => 2,
            $place['name'][1] === 'C' => $well ? 0 : 2,
            default => $place['name'][1] === ($practice === 'us' ? 'R' : 'L') ? 1 : 2,
        };
    }

    /**
     * @param array{borrow_anchors_ok: bool, positions: list<Place>} $vehicle
     * @param list<Rider> $riders
     * @param list<Place> $places
     */
    private static function moves(string $practice, array $vehicle, array $riders, array $places): int
    {
        $moves = 0;
        foreach ($riders as $i => $rider) {
            foreach ($vehicle['positions'] as $place) {
                if ($place['name'] === $rider['now_at'] && $places[$i]['name'] !== $rider['now_at']) {
                    $right = array_filter($rider['held_by'] === null ? ['belt', 'lower_anchors'] : [$rider['held_by']], static fn(string $way): bool => self::alone($practice, $vehicle, $rider, $place, $way, false, false) !== null);
                    $moves += $right === [] ? 0 : 1;
                }
            }
        }

        return $moves;
    }

    /**
     * @param list<Place> $positions
     * @param list<Place> $places
     */
    private static function thirdRowShut(array $positions, array $places): int
    {
        $inUse = [...$places, ...array_filter($positions, static fn(array $p): bool => $p['taken'])];
        $third = array_filter($inUse, static fn(array $p): bool => $p['name'][0] === '3') !== [];
        $doors = array_filter($positions, static fn(array $p): bool => $p['name'][0] === '2' && $p['name'][1] !== 'C' && ! $p['taken'] && ! in_array($p['name'], array_column($places, 'name'), true));

        return $third && $doors === [] ? 1 : 0;
    }
}
