<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Random families with their cars, the same for the same seed.
 *
 * @phpstan-type Place array{name: string, belt: string, retractor: string, latch_plate: string, lower_anchors: bool, tether_anchor: bool, airbag: bool, side_facing: bool, inflatable_belt: bool, taken: bool, width: array{value: int, unit: string}}
 * @phpstan-type Rider array{name: string, mode: string, held_by: string|null, now_at: string|null, child: array{age_months: int, weight: array{value: int, unit: string}}, seat: array{standards: list<string>, lockoff: bool, tether_rear: string, tether_forward_required: bool, borrow_anchors_ok: bool, inflatable_belt_ok: bool, width: array{value: int, unit: string}}}
 */
final class Family
{
    /** Least weight and most in kg, and the age in months from which it is tried. */
    public const MODES = ['rear_harness' => [2, 22, 0], 'forward_harness' => [9, 29, 12], 'high_back_booster' => [18, 54, 48], 'backless_booster' => [18, 54, 60]];

    private function __construct(private readonly Randomizer $random) {}

    /** @return array{format: string, version: int, practice: string, vehicle: array{borrow_anchors_ok: bool, positions: list<Place>}, riders: list<Rider>} */
    public static function of(int $seed): array
    {
        return (new self(new Randomizer(new Mt19937($seed))))->family();
    }

    /** @return array{format: string, version: int, practice: string, vehicle: array{borrow_anchors_ok: bool, positions: list<Place>}, riders: list<Rider>} */
    private function family(): array
    {
        /** @var non-empty-list<string> $names */
        $names = $this->one([['1R', '2L', '2C', '2R'], ['1R', '2L', '2R'], ['1R', '2L', '2R', '3L', '3R'], ['2L', '2C', '2R', '3L', '3C', '3R'], ['1C', '1R']]);
        $positions = array_map(fn(string $name): array => [
            'name' => $name, 'belt' => $this->one(['lap_shoulder', 'lap_shoulder', 'lap_shoulder', 'lap', 'none']), 'retractor' => $this->one(['elr', 'switchable', 'switchable', 'alr']),
            'latch_plate' => $this->one(['sliding', 'sliding', 'locking', 'sewn']), 'lower_anchors' => $name[1] !== 'C' && $name[0] !== '1' && $this->chance(70), 'tether_anchor' => $name[0] !== '1' && $this->chance(75),
            'airbag' => $name[0] === '1' && $this->chance(60), 'side_facing' => $this->chance(5), 'inflatable_belt' => $this->chance(8), 'taken' => $this->chance(8), 'width' => self::q($this->random->getInt(380, 480), 'mm'),
        ], $names);
        $riders = [];
        for ($i = 0, $count = $this->random->getInt(1, min(4, count($names))); $i < $count; $i++) {
            $riders[] = $this->rider(chr(65 + $i), $names);
        }

        return ['format' => 'mint-buckle/seating', 'version' => 1, 'practice' => $this->one(['us', 'us', 'nz', 'au']), 'vehicle' => ['borrow_anchors_ok' => $this->chance(50), 'positions' => $positions], 'riders' => $riders];
    }

    /**
     * @param non-empty-list<string> $names
     * @return Rider
     */
    private function rider(string $name, array $names): array
    {
        $mode = $this->one(array_keys(self::MODES));
        [$least, $most, $from] = self::MODES[$mode];
        $limits = ['weight_min' => self::q($least, 'kg'), 'weight_max' => self::q($most, 'kg'), 'height_max' => self::q(1500, 'mm')];

        return [
            'name' => $name,
            'child' => ['age_months' => $this->random->getInt($from + 12, 165), 'weight' => self::q($this->random->getInt(max($least, 19), min($most + 1, 40)), 'kg'), 'height' => self::q(1000, 'mm')],
            'seat' => [
                'standards' => [$this->one(['fmvss213', 'fmvss213', 'asnzs1754'])], 'lockoff' => $this->chance(25), 'clamp_door' => false, 'tether_rear' => $this->one(['forbidden', 'required']), 'tether_forward_required' => $this->chance(50),
                'borrow_anchors_ok' => $this->chance(60), 'inflatable_belt_ok' => $this->chance(30), 'lower_anchor_child_max' => self::q(25, 'kg'), 'width' => self::q($this->random->getInt(360, 480), 'mm'), 'slots' => [],
                'modes' => [$mode => $limits + ['anchors_allowed' => false]],
            ],
            'mode' => $mode,
            'held_by' => str_contains($mode, 'booster') ? 'nothing' : $this->one(['belt', 'lower_anchors', null, null]),
            'now_at' => $this->chance(60) ? $this->one($names) : null,
        ];
    }

    /**
     * @template T
     * @param non-empty-list<T> $from
     * @return T
     */
    private function one(array $from): mixed
    {
        return $from[$this->random->getInt(0, count($from) - 1)];
    }

    private function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /** @return array{value: int, unit: string} */
    private static function q(int $value, string $unit): array
    {
        return ['value' => $value, 'unit' => $unit];
    }
}
