<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The laws of the bus planner as its format states them, read afresh from plain arrays of the file: whether a placing is allowed, and what
 * it costs. Knows nothing of the planner's own search.
 *
 * @phpstan-type Bench array{row: int, side: string, places: int, exit: bool, belt: string, lower_anchors: bool, integrated: string|null, space: array{value: int, unit: string}}
 * @phpstan-type System array{id: string, kind: string, fixed_by: list<string>, count: int, weight_min: array{value: int, unit: string}|null, weight_max: array{value: int, unit: string}|null, height_max: array{value: int, unit: string}|null, width_places: int, depth: array{value: int, unit: string}}
 * @phpstan-type Rider array{name: string, child: array{age_months: int, weight: array{value: int, unit: string}, height: array{value: int, unit: string}, sits_unaided: bool}, system: string|null, stop: int|null, adult: bool}
 * @phpstan-type Bus array{format: string, version: int, today: string, benches: list<Bench>, systems: list<System>, riders: list<Rider>, keep: list<array{rider: string, row: int, side: string}>}
 * @phpstan-type Seat array{row: int, side: string, system: string|null, held_by: string|null, place?: int}
 */
final readonly class BusLaws
{
    private const HARNESS = ['forward_harness', 'integrated', 'addon', 'vest'];

    /** @param Bus $bus */
    public function __construct(public array $bus) {}

    /** @return Bus */
    public static function random(int $seed, int $riders, int $rows): array
    {
        $r = new Randomizer(new Mt19937($seed));
        $of = static fn(array $from): mixed => $from[$r->getInt(0, count($from) - 1)];
        $benches = [];
        $belted = $r->getInt(0, 2);
        foreach (range(1, max(1, $rows)) as $row) {
            foreach (['left', 'right'] as $side) {
                if ($r->getInt(0, 9) > 0 || $benches === []) {
                    $benches[] = [
                        'row' => $row + ($row > 2 ? 1 : 0), 'side' => $side, 'places' => $of([1, 2, 2, 2, 3, 3]), 'exit' => $r->getInt(0, 11) === 0,
                        'belt' => $row <= $belted ? $of(['lap', 'lap_shoulder']) : $of(['none', 'none', 'none', 'lap_shoulder']),
                        'lower_anchors' => $row === 1 && $r->getInt(0, 1) === 1, 'integrated' => $r->getInt(0, 7) === 0 ? 'I' : null, 'space' => ['value' => $of([500, 600, 700]), 'unit' => 'mm'],
                    ];
                }
            }
        }
        $kinds = ['R' => 'rear_harness', 'Q' => 'rear_harness', 'F' => 'forward_harness', 'I' => 'integrated', 'A' => 'addon', 'V' => 'vest', 'B' => 'booster'];
        $fixed = ['R' => ['belt', 'lower_anchors'], 'Q' => ['lower_anchors'], 'F' => ['belt'], 'I' => ['bench'], 'A' => ['wrap'], 'V' => ['wrap'], 'B' => ['belt']];
        $systems = [];
        foreach ($kinds as $id => $kind) {
            if ($r->getInt(0, 3) > 0 || $id === 'I') {
                $systems[] = [
                    'id' => $id, 'kind' => $kind, 'fixed_by' => $r->getInt(0, 4) === 0 ? [...$fixed[$id], 'wrap'] : $fixed[$id], 'count' => $r->getInt(0, 5) === 0 ? 1 : 8,
                    'weight_min' => ['value' => ['R' => 5, 'Q' => 5, 'F' => 22, 'I' => 22, 'A' => 25, 'V' => 15, 'B' => 40][$id], 'unit' => 'lb'],
                    'weight_max' => ['value' => ['R' => 30, 'Q' => 35, 'F' => 50, 'I' => 60, 'A' => 60, 'V' => 90, 'B' => 100][$id], 'unit' => 'lb'],
                    'height_max' => null, 'width_places' => $r->getInt(0, 6) === 0 ? 2 : 1, 'depth' => ['value' => $of([400, 550, 650]), 'unit' => 'mm'],
                ];
            }
        }
        $people = $keep = [];
        foreach (range(1, max(1, $riders)) as $n) {
            $months = $of([8, 20, 30, 40, 50, 59, 60, 72, 90]);
            $people[] = [
                'name' => chr(64 + $n), 'child' => ['age_months' => $months, 'weight' => ['value' => $of([18, 20, 21, 28, 33, 39, 40, 45, 52]), 'unit' => 'lb'], 'height' => ['value' => 40, 'unit' => 'in'], 'sits_unaided' => $r->getInt(0, 15) > 0],
                'system' => $r->getInt(0, 9) === 0 ? $of(array_column($systems, 'id')) : null, 'stop' => $r->getInt(0, 7) === 0 ? null : $r->getInt(1, 3), 'adult' => $r->getInt(0, 7) === 0,
            ];
            if ($r->getInt(0, 9) === 0) {
                $bench = $benches[$r->getInt(0, count($benches) - 1)];
                $keep[] = ['rider' => chr(64 + $n), 'row' => $bench['row'], 'side' => $bench['side']];
            }
        }

        /** @var Bus */
        return ['format' => 'mint-buckle/bus', 'version' => 1, 'today' => '2026-11-25', 'benches' => $benches, 'systems' => $systems, 'riders' => $people, 'keep' => $keep];
    }

    /**
     * A bus on which everybody finds a place: belts in the front rows, enough of every system.
     *
     * @return Bus
     */
    public static function roomy(int $seed, int $restrained, int $others, int $rows, int $stops): array
    {
        $r = new Randomizer(new Mt19937($seed));
        $bus = self::random($seed, $restrained + $others, $rows);
        $bus['benches'] = [];
        foreach (range(1, max(1, $rows)) as $row) {
            foreach (['left', 'right'] as $side) {
                $bus['benches'][] = ['row' => $row, 'side' => $side, 'places' => $r->getInt(2, 3), 'exit' => $row === 5, 'belt' => $row < 4 ? 'lap_shoulder' : 'none', 'lower_anchors' => $row === 1, 'integrated' => null, 'space' => ['value' => 700, 'unit' => 'mm']];
            }
        }
        $bus['systems'] = [];
        foreach (['R' => ['rear_harness', ['belt', 'lower_anchors'], 5, 22], 'F' => ['forward_harness', ['belt'], 28, 33], 'A' => ['addon', ['wrap'], 25, 60], 'V' => ['vest', ['wrap'], 21, 60]] as $id => [$kind, $by, $min, $max]) {
            $bus['systems'][] = ['id' => $id, 'kind' => $kind, 'fixed_by' => $by, 'count' => $id === 'A' ? 3 : 40, 'weight_min' => ['value' => $min, 'unit' => 'lb'], 'weight_max' => ['value' => $max, 'unit' => 'lb'], 'height_max' => null, 'width_places' => 1, 'depth' => ['value' => 600, 'unit' => 'mm']];
        }
        $bus['keep'] = [];
        foreach ($bus['riders'] as $n => $rider) {
            $months = $n < 3 ? 9 : ($n < $restrained ? 45 : 80);
            $weight = $n < 3 ? 18 : ($n < $restrained ? $r->getInt(24, 45) : 50);
            $bus['riders'][$n] = ['name' => "rider {$n}", 'child' => ['age_months' => $months, 'weight' => ['value' => $weight, 'unit' => 'lb'], 'height' => ['value' => 40, 'unit' => 'in'], 'sits_unaided' => true], 'system' => null, 'stop' => $r->getInt(1, $stops), 'adult' => false];
        }

        return $bus;
    }

    /** @param Rider $rider */
    public function needs(array $rider): bool
    {
        return $rider['system'] !== null || (! $rider['adult'] && ($rider['child']['age_months'] < 60 || $rider['child']['weight']['value'] < 40));
    }

    /**
     * @param Rider $rider
     * @return list<System>
     */
    public function allowed(array $rider): array
    {
        $fitting = array_filter($this->bus['systems'], fn(array $s): bool => $this->fits($rider, $s));
        if ($rider['system'] !== null) {
            return array_values(array_filter($fitting, static fn(array $s): bool => $s['id'] === $rider['system']));
        }
        foreach ([['rear_harness'], self::HARNESS, ['booster']] as $kinds) {
            $some = array_values(array_filter($fitting, static fn(array $s): bool => in_array($s['kind'], $kinds, true)));
            if ($some !== []) {
                return $some;
            }
        }

        return [];
    }

    /**
     * @param Rider $rider
     * @param System $system
     */
    private function fits(array $rider, array $system): bool
    {
        $weight = $rider['child']['weight']['value'];
        $months = $rider['child']['age_months'];
        if ($weight < ($system['weight_min']['value'] ?? 0) || $weight > ($system['weight_max']['value'] ?? 999)) {
            return false;
        }

        return match ($system['kind']) {
            'rear_harness' => true,
            'vest' => $weight > 20 && $months > 12 && $rider['child']['sits_unaided'],
            'booster' => $months >= 48 && $weight >= 40,
            default => $months >= 12,
        };
    }

    /**
     * @param Bench $bench
     * @param System $system
     * @return list<string>
     */
    public function fixings(array $bench, array $system): array
    {
        $exits = array_column(array_filter($this->bus['benches'], static fn(array $b): bool => $b['exit']), 'row');
        if (in_array($bench['row'], $exits, true) || $system['depth']['value'] > $bench['space']['value'] || $system['width_places'] > $bench['places'] - 1) {
            return [];
        }
        if ($system['kind'] === 'integrated') {
            return $bench['integrated'] === $system['id'] ? ['bench'] : [];
        }
        if ($system['kind'] === 'booster' && $bench['belt'] !== 'lap_shoulder') {
            return [];
        }

        return array_values(array_filter($system['fixed_by'], static fn(string $by): bool => match ($by) {
            'belt' => $bench['belt'] !== 'none',
            'lower_anchors' => $bench['lower_anchors'],
            'wrap' => true,
            default => false,
        }));
    }

    /**
     * Every law that a placing of everybody breaks.
     *
     * @param array<string, Seat> $seats
     * @return list<string>
     */
    public function broken(array $seats): array
    {
        $broken = [];
        $systems = array_column($this->bus['systems'], null, 'id');
        $on = [];
        foreach ($this->bus['riders'] as $rider) {
            $seat = $seats[$rider['name']];
            $bench = $this->bench($seat);
            $on["{$seat['row']} {$seat['side']}"][$rider['name']] = $seat;
            if ($this->needs($rider)) {
                $system = $systems[$seat['system'] ?? ''] ?? null;
                $ok = $system !== null && in_array($system['id'], array_column($this->allowed($rider), 'id'), true)
                    && in_array($seat['held_by'], $this->fixings($bench, $system), true);
                $broken = $ok ? $broken : [...$broken, "{$rider['name']}: system or fixing"];
            } elseif ($seat['system'] !== null || $seat['held_by'] !== ($bench['belt'] === 'none' ? null : 'belt')) {
                $broken[] = "{$rider['name']}: needs none";
            }
        }
        foreach (array_count_values(array_filter(array_column($seats, 'system'))) as $id => $used) {
            $broken = $used > $systems[$id]['count'] ? [...$broken, "{$id}: more than there are"] : $broken;
        }
        foreach ($this->bus['keep'] as $keep) {
            $seat = $seats[$keep['rider']];
            $broken = [$seat['row'], $seat['side']] === [$keep['row'], $keep['side']] ? $broken : [...$broken, "{$keep['rider']}: moved"];
        }
        foreach ($this->bus['benches'] as $bench) {
            $here = $on["{$bench['row']} {$bench['side']}"] ?? [];
            $width = array_sum(array_map(static fn(array $s): int => $s['system'] === null ? 0 : $systems[$s['system']]['width_places'], $here));
            $others = count(array_filter($here, static fn(array $s): bool => $s['system'] === null));
            if ($width > max(0, $bench['places'] - 1) || $width + $others > $bench['places']) {
                $broken[] = "{$bench['row']} {$bench['side']}: too full";
            }
            $behind = $this->behind($bench);
            $isWrapped = in_array('wrap', array_column($here, 'held_by'), true);
            foreach ($isWrapped && $behind !== null ? $on["{$behind['row']} {$behind['side']}"] ?? [] : [] as $name => $seat) {
                $broken = $seat['held_by'] === null ? [...$broken, "{$name}: unbelted behind a wrap"] : $broken;
            }
        }
        foreach ($seats as $name => $seat) {
            $system = $systems[$seat['system'] ?? ''] ?? null;
            if ($system === null || $system['kind'] !== 'rear_harness') {
                continue;
            }
            foreach ($this->bus['benches'] as $ahead) {
                if ($ahead['row'] < $seat['row'] && $this->fixings($ahead, $system) !== []) {
                    $rear = array_sum(array_map(
                        static fn(array $s): int => ($systems[$s['system'] ?? '']['kind'] ?? '') === 'rear_harness' ? $systems[$s['system']]['width_places'] : 0,
                        $on["{$ahead['row']} {$ahead['side']}"] ?? [],
                    ));
                    $broken = $ahead['places'] - 1 - $rear >= $system['width_places'] ? [...$broken, "{$name}: not foremost"] : $broken;
                }
            }
        }

        return $broken;
    }

    /**
     * What a placing costs, in the order of the format; less is better. One of some riders costs no more than when the others join.
     *
     * @param array<string, Seat> $seats
     * @return array{int, int, int, int, int}
     */
    public function cost(array $seats): array
    {
        $kinds = array_column($this->bus['systems'], 'kind', 'id');
        $cost = [0, 0, count($this->empty($seats)), 0, 0];
        $stops = [];
        foreach ($this->bus['riders'] as $rider) {
            $seat = $seats[$rider['name']] ?? null;
            if ($seat === null) {
                continue;
            }
            $cost[0] += ($kinds[$seat['system'] ?? ''] ?? '') === 'rear_harness' ? $seat['row'] : 0;
            $cost[1] += $seat['system'] === null ? 0 : $seat['row'];
            if ($rider['stop'] !== null) {
                $stops[$rider['stop']][] = $seat['row'];
            }
        }
        foreach ($stops as $stop => $rows) {
            $cost[3] += max($rows) - min($rows);
            foreach ($stops as $later => $others) {
                foreach ($later > $stop ? $rows : [] as $row) {
                    $cost[4] += count(array_filter($others, static fn(int $other): bool => $row < $other));
                }
            }
        }

        return $cost;
    }

    /**
     * @param array<string, Seat> $seats
     * @return list<array{row: int, side: string}>
     */
    public function empty(array $seats): array
    {
        $empty = [];
        foreach ($this->bus['benches'] as $bench) {
            $at = static fn(array $b, ?string $by): bool => array_filter($seats, static fn(array $s): bool => [$s['row'], $s['side']] === [$b['row'], $b['side']] && ($by === null || $s['held_by'] === $by)) !== [];
            $behind = $this->behind($bench);
            if ($behind !== null && $behind['belt'] === 'none' && $at($bench, 'wrap') && ! $at($behind, null)) {
                $empty[] = ['row' => $behind['row'], 'side' => $behind['side']];
            }
        }

        return $empty;
    }

    /**
     * The cheapest placing of all, found by trying every one.
     *
     * @return array{int, int, int, int, int}|null null where none is allowed
     */
    public function cheapest(): ?array
    {
        $best = null;
        $riders = $this->bus['riders'];
        usort($riders, fn(array $a, array $b): int => $this->needs($b) <=> $this->needs($a));
        $this->tryAll($riders, [], [0, 0], $best);

        return $best;
    }

    /**
     * @param list<Rider> $riders still to be placed, those with a system first: the others fill no bench behind a wrap
     * @param array<string, Seat> $seats
     * @param array{int, int} $rows
     * @param array{int, int, int, int, int}|null $best
     */
    private function tryAll(array $riders, array $seats, array $rows, ?array &$best): void
    {
        $rider = array_shift($riders);
        $least = $this->cost($seats);
        $least[2] = $rider !== null && $this->needs($rider) ? 0 : $least[2];
        if ($best !== null && ($rows > array_slice($best, 0, 2) || $least >= $best)) {
            return;
        }
        if ($rider === null) {
            if ($this->broken($seats) === []) {
                $cost = $this->cost($seats);
                $best = $best === null || $cost < $best ? $cost : $best;
            }

            return;
        }
        $pin = array_column($this->bus['keep'], null, 'rider')[$rider['name']] ?? null;
        $systems = $this->needs($rider) ? $this->allowed($rider) : [null];
        foreach ($this->bus['benches'] as $bench) {
            if ($pin !== null && [$pin['row'], $pin['side']] !== [$bench['row'], $bench['side']]) {
                continue;
            }
            if (count(array_filter($seats, static fn(array $s): bool => [$s['row'], $s['side']] === [$bench['row'], $bench['side']])) >= $bench['places']) {
                continue;
            }
            foreach ($systems as $system) {
                foreach ($system === null ? [$bench['belt'] === 'none' ? null : 'belt'] : $this->fixings($bench, $system) as $by) {
                    $this->tryAll($riders, [...$seats, $rider['name'] => ['row' => $bench['row'], 'side' => $bench['side'], 'system' => $system['id'] ?? null, 'held_by' => $by]], [
                        $rows[0] + (($system['kind'] ?? '') === 'rear_harness' ? $bench['row'] : 0),
                        $rows[1] + ($system === null ? 0 : $bench['row']),
                    ], $best);
                }
            }
        }
    }

    /**
     * @param Seat $seat
     * @return Bench
     */
    private function bench(array $seat): array
    {
        return array_values(array_filter($this->bus['benches'], static fn(array $b): bool => [$b['row'], $b['side']] === [$seat['row'], $seat['side']]))[0];
    }

    /**
     * @param Bench $bench
     * @return Bench|null
     */
    private function behind(array $bench): ?array
    {
        $later = array_filter($this->bus['benches'], static fn(array $b): bool => $b['side'] === $bench['side'] && $b['row'] > $bench['row']);
        usort($later, static fn(array $a, array $b): int => $a['row'] <=> $b['row']);

        return $later[0] ?? null;
    }
}
