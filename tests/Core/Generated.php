<?php

declare(strict_types=1);

namespace Tests\Core;

use LogicException;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Rulebook;
use Random\Engine\Mt19937;
use Random\Randomizer;
use stdClass;

/** Random cases near good ones: whole cases with a few facts changed, each to a value that the format allows or to unknown. */
final class Generated
{
    private Randomizer $random;

    /** @var array<string, list<mixed>> by path: what a fact may be changed to; null makes it unknown */
    private array $pool;

    /** @var non-empty-list<array<string, mixed>> */
    private array $kinds;

    /**
     * @param int $seed the same seed gives the same cases
     * @param int $most so many facts are changed at most
     */
    public function __construct(int $seed, private readonly int $most = 5)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->pool = self::pool();
        $this->kinds = self::kinds();
    }

    /** @return array{stdClass, CaseFile} a case that the reader takes, and as it reads it */
    public function case(): array
    {
        do {
            $case = self::base($this->one(Cases::GOOD));
            foreach ([...$this->one($this->kinds), ...$this->changes()] as $path => $value) {
                self::set($case, $path, $value);
            }
            $read = self::read($case);
        } while ($read === null);

        return [$case, $read];
    }

    /** @return list<mixed> what the fact at a path may be, unknown left out; none for a fact that is never changed */
    public function valuesOf(string $path): array
    {
        return array_values(array_filter($this->pool[$path] ?? [], static fn(mixed $value): bool => $value !== null));
    }

    /** @return non-empty-list<string> */
    public function paths(): array
    {
        return array_keys($this->pool) ?: throw new LogicException('no fact may be changed');
    }

    /**
     * @template T
     * @param non-empty-list<T> $from
     * @return T
     */
    public function one(array $from): mixed
    {
        return $from[$this->random->getInt(0, count($from) - 1)];
    }

    public static function assess(CaseFile $case): Assessment
    {
        return Assessor::assess($case, Rulebook::current());
    }

    /** The case with one fact changed; null where the reader refuses it so. The case itself is left as it was. */
    public static function with(stdClass $case, string $path, mixed $value): ?CaseFile
    {
        $before = CasePath::get($case, $path);
        self::set($case, $path, $value);
        $read = self::read($case);
        CasePath::set($case, $path, $before);

        return $read;
    }

    private static function set(stdClass $case, string $path, mixed $value): void
    {
        CasePath::set($case, $path, is_array($value) ? json_decode(json_encode($value, JSON_THROW_ON_ERROR)) : $value);
    }

    private static function base(string $name): stdClass
    {
        /** @var array<string, string> $texts */
        static $texts = [];
        $case = json_decode($texts[$name] ??= json_encode(Cases::json($name), JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR);
        assert($case instanceof stdClass);

        return $case;
    }

    private static function read(stdClass $case): ?CaseFile
    {
        try {
            return Reader::fromObject($case);
        } catch (InvalidCase) {
            return null;
        }
    }

    /** @return array<string, mixed> none to as many facts as are changed at most */
    private function changes(): array
    {
        $changes = [];
        $paths = $this->paths();
        for ($i = $this->random->getInt(0, $this->most); $i > 0; $i--) {
            $path = $this->one($paths);
            $values = $this->pool[$path];
            assert($values !== []);
            $changes[$path] = $this->one($values);
        }

        return $changes;
    }

    /** @return non-empty-list<array<string, mixed>> kinds of set-up that the checked cases do not have */
    private static function kinds(): array
    {
        $anchors = ['setup.held_by' => 'lower_anchors', 'setup.anchor_designated' => true, 'setup.hook_right_way_up' => true, 'setup.anchors_borrowed' => false];
        $clip = ['setup.lock' => ['clip'], 'setup.clip_distance' => Cases::q(10, 'mm'), 'setup.clip_prongs' => 4];

        return [
            [], [], [], [],
            $anchors,
            ['seat.belt_and_anchors_ok' => true, 'vehicle.belt_and_anchors_ok' => true] + ['setup.held_by' => 'both'] + $anchors,
            $clip,
            ['seat.lockoff' => true, 'setup.lock' => ['lockoff']],
            ['seat.clamp_door' => true, 'setup.lock' => ['clamp_door'], 'setup.clamp_door_closed' => true],
            ['seat.detachable' => true, 'seat.baseless' => 'allowed', 'setup.base' => 'used', 'setup.shell_locked' => true],
            ['seat.turns' => true, 'setup.shell_locked' => true],
            ['seat.side_pod' => 'both', 'setup.side_pod' => 'both'],
            ['setup.mode' => 'belt_only', 'setup.belt_fit' => ['back' => true, 'knees' => true, 'lap' => true, 'shoulder' => true, 'stays' => true], 'child.born_on' => '2014-01-01', 'child.height' => Cases::q(1500, 'mm')],
        ];
    }

    /** @return array<string, list<mixed>> */
    private static function pool(): array
    {
        $yes = [true, true, false, null];
        $kg = static fn(int|float $value, mixed ...$more): array => ['value' => $value, 'unit' => 'kg'] + $more;
        $mm = static fn(int|float $value, mixed ...$more): array => ['value' => $value, 'unit' => 'mm'] + $more;
        $here = 'vehicle.positions.1.';
        $there = 'vehicle.positions.2.';
        $list = [[$kg(20), $kg(30, made_from: '2022-01-01')], [$kg(9, held_by: 'lower_anchors'), $kg(25, held_by: 'belt')], [$kg(25, made_from: '2030-01-01')]];

        return [
            'practice' => ['us', 'nz', 'au'],
            'policy.second_signer' => [true, false, null], 'policy.crash' => ['strict', 'minor_crash', null],
            'law' => [null, ['rear_facing_until_months' => 24], ['back_row_until_months' => 96], ['booster_until_months' => 96], ['rear_facing_until_weight' => $kg(18)]],
            'child.born_on' => ['2026-01-10', '2025-06-01', '2024-02-29', '2022-05-20', '2018-01-31', '2013-10-10', null],
            'child.weight' => [$kg(3), $kg(9), $kg(14.5), $kg(18), $kg(24), $kg(40), null], 'child.height' => [$mm(500), $mm(820), $mm(1040), $mm(1300), $mm(1460), null],
            'child.shoulder_height' => [$mm(205), $mm(270), $mm(320), $mm(450), null], 'child.sits_unaided' => $yes,
            'seat.made_on' => ['2023-03-14', '2022', '2023-12', '2014-02', null], 'seat.use_until' => [null, '2027', '2026-12'], 'seat.life_years' => [7, 10, 2, null],
            'seat.standards' => [['fmvss213'], ['asnzs1754'], ['ecer129', 'fmvss213'], ['gx-77'], [], null], 'seat.label_readable' => [true, true, false, null],
            'seat.lockoff' => $yes, 'seat.clamp_door' => $yes, 'seat.lockoff_on' => ['shell', 'base', 'both', null], 'seat.lock_retractor_too' => ['required', 'allowed', 'forbidden', null],
            'seat.clamp_order' => ['tighten_first', 'retractor_first', null], 'seat.detachable' => $yes, 'seat.turns' => $yes, 'seat.baseless' => ['allowed', 'forbidden', null], 'seat.baseless_webbing' => ['both', 'lap', null],
            'seat.belt_and_anchors_ok' => $yes, 'seat.borrow_anchors_ok' => $yes, 'seat.inflatable_belt_ok' => $yes, 'seat.wedge_ok' => $yes,
            'seat.tether_rear' => ['required', 'allowed', 'forbidden', null], 'seat.tether_forward_required' => $yes,
            'seat.lower_anchor_child_max' => [$kg(10), $kg(20), null, ...$list], 'seat.weight' => [$kg(9), $kg(30), null], 'seat.movement_max' => [null, $mm(30), [$mm(10, made_from: '2023-07-01'), $mm(25)]],
            'seat.overhang_max' => [$mm(76), null, [$mm(50, held_by: 'belt')], [$mm(50, made_from: '2030-01-01')]], 'seat.clip_distance_max' => [null, $mm(38), [$mm(5, made_from: '2023-04-01')]],
            'seat.chest_clip' => [true, false, null], 'seat.tightness_test' => ['pinch', 'finger', null], 'seat.strap_rule_rear' => [null, 'at_or_below', 'level_to_25_above'],
            'seat.side_pod' => [null, 'door_side', 'both', 'none'], 'seat.inserts' => [null, [], [['name' => 'newborn', 'weight_min' => $kg(2), 'weight_max' => $kg(5)]]], 'seat.replace_after_crash' => ['any', 'as_policy', null],
            'seat.slots' => [null, []], 'seat.history.crash' => [false, false, true, null], 'seat.history.altered' => [false, true, null], 'seat.history.known' => $yes,
            'seat.modes.rear_harness.weight_max' => [$kg(18), $kg(13), null, ...$list], 'seat.modes.rear_harness.weight_min' => [$kg(2), null, [$kg(2, made_from: '2030-01-01')]], 'seat.modes.rear_harness.height_max' => [$mm(1016), null],
            'seat.modes.forward_harness.weight_max' => [$kg(29), null, ...$list], 'seat.modes.high_back_booster.age_min_months' => [48, null, [['value' => 96], ['value' => 36, 'held_by' => 'lower_anchors']]],
            'seat.modes.rear_harness.angle_min' => [['value' => 30, 'unit' => 'deg'], null, [['value' => 42, 'unit' => 'deg', 'made_from' => '2023-07-01']]], 'seat.modes.rear_harness.upright_when_sits' => [true, false, null],
            'seat.modes.rear_harness.recline' => [[['settings' => [1, 2]]], [['settings' => [1], 'weight_max' => $kg(9)], ['settings' => [2, 3], 'weight_min' => $kg(9)]], null],
            'seat.modes.rear_harness.foot' => ['down', null], 'seat.modes.rear_harness.handle_positions' => [['down', 'up'], null], 'seat.modes.rear_harness.shoulder_markers' => [true, null], 'seat.modes.rear_harness.webbing' => ['both', 'lap', null],
            'seat.modes.high_back_booster.anchors_allowed' => $yes, 'seat.modes.rear_harness.parts_required' => [['rebound_bar'], []],
            'vehicle.belt_and_anchors_ok' => $yes, 'vehicle.borrow_anchors_ok' => $yes, 'vehicle.buckle_turns_ok' => $yes, 'vehicle.lower_anchor_child_max' => [null, $kg(15), [$kg(8, made_from: '2023-07-01'), $kg(25)]],
            $here . 'belt' => ['lap_shoulder', 'lap_shoulder', 'lap', 'none', null], $here . 'retractor' => ['switchable', 'elr', 'alr', 'none', null], $here . 'latch_plate' => ['sliding', 'locking', 'switch', 'sewn', null],
            $here . 'lower_anchors' => $yes, $here . 'tether_anchor' => $yes, $here . 'airbag' => [false, true, null], $here . 'inflatable_belt' => [false, true, null], $here . 'side_facing' => [false, true, null], $here . 'taken' => [false, true, null],
            $there . 'belt' => ['lap', 'none', null], $there . 'tether_anchor' => [false, null], $there . 'side_facing' => [true, null], $there . 'airbag' => [true, null], $there . 'taken' => [true, null], 'vehicle.positions.3.taken' => [true], 'vehicle.positions.0.airbag' => [false, null],
            'setup.mode' => ['rear_harness', 'forward_harness', 'high_back_booster', 'backless_booster', 'belt_only', null], 'setup.position' => ['1R', '2L', '2C', null], 'setup.held_by' => ['belt', 'lower_anchors', 'both', 'nothing', null],
            'setup.belt_path' => ['rear', 'forward', null], 'setup.webbing' => ['both', 'lap', null], 'setup.lock' => [['retractor'], ['lockoff'], ['clamp_door', 'retractor'], ['latch_plate'], ['clip'], ['clip', 'retractor'], [], null],
            'setup.lockoff_used' => ['both', null], 'setup.clip_distance' => [$mm(10), $mm(30), null], 'setup.clip_prongs' => [4, 2, null], 'setup.buckle_turns' => [0, 1.5, 4, null], 'setup.twisted' => [false, true, null],
            'setup.clamp_door_closed' => $yes, 'setup.shell_locked' => $yes, 'setup.base' => ['used', 'none', null], 'setup.anchor_designated' => $yes, 'setup.anchors_borrowed' => [false, true, null],
            'setup.movement.side' => [$mm(5), $mm(25.4), $mm(40), null], 'setup.movement.side_felt' => ['still', 'within', 'more', null], 'setup.movement.front' => [$mm(5), null], 'setup.movement.at_belt_path' => $yes, 'setup.movement.tether_loose' => $yes,
            'setup.level_ground' => $yes, 'setup.angle' => [['value' => 38, 'unit' => 'deg'], ['value' => 25, 'unit' => 'deg'], ['value' => 52, 'unit' => 'deg'], null], 'setup.indicator' => ['in', 'too_upright', 'too_flat', null], 'setup.recline_setting' => [1, 2, 7, null],
            'setup.overhang' => [$mm(0), $mm(60), $mm(400), null], 'setup.base_on_cushion' => [1, 0.799, null], 'setup.wedge' => ['none', 'noodle', 'towel', null], 'setup.parts_fitted' => [[], ['foot_panel'], null], 'setup.side_pod' => ['both', 'door_side', null],
            'setup.tether.used' => $yes, 'setup.tether.slack' => [false, true, null], 'setup.tether.anchor_designated' => $yes, 'setup.tether.overtight' => [false, true, null], 'setup.tether.routed' => $yes,
            'setup.front_contact' => ['none', 'pressed', null], 'setup.handle' => ['down', 'elsewhere', null], 'setup.vehicle_back_upright' => $yes, 'setup.head_restraint_pushes' => [false, true, null], 'setup.head_restraint' => ['raised', 'removed', null],
            'setup.head_to_shell_top' => [$mm(80), $mm(10), null], 'setup.ears_above' => [false, true, null], 'setup.marker' => ['in', 'above', null],
            'setup.harness.buckled' => $yes, 'setup.harness.slot' => [1, 2, 4, null], 'setup.harness.strap' => ['below', 'at', 'above', null], 'setup.harness.strap_offset' => [null, $mm(-20), $mm(15)], 'setup.harness.tightness.test' => ['pinch', 'finger', null], 'setup.harness.tightness.passes' => $yes,
            'setup.harness.clip' => ['armpit', 'low', 'none', null], 'setup.harness.crotch.slot' => [1, 3, null], 'setup.harness.crotch.under_child' => [false, true, null], 'setup.harness.coat' => [false, true, null], 'setup.harness.slouch' => [false, true, null], 'setup.harness.insert' => [null, 'newborn'],
            'setup.booster.lap' => ['thighs', 'belly', null], 'setup.booster.guides_ok' => $yes, 'setup.booster.guides_missed' => [[], ['shoulder']], 'setup.booster.slouch' => [false, true, null], 'setup.booster.slack' => [false, true, null], 'setup.booster.ears_above' => [false, true, null],
            'setup.belt_fit' => [null, ['back' => true, 'knees' => true, 'lap' => true, 'shoulder' => true, 'stays' => true], ['back' => true, 'knees' => null, 'lap' => true, 'shoulder' => false, 'stays' => true]],
            'handover' => [null, ['shown_back' => true, 'technician' => ['id' => 't1', 'certified_until' => '2027-05-01'], 'checker' => ['certified_until' => '2020-01-01']]], 'handover.checker' => [null, ['id' => 't2', 'certified_until' => '2026-01-31']], 'handover.shown_back' => $yes,
        ];
    }
}
