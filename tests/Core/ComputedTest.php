<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Present\Words\AssessmentWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

final class ComputedTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, string, mixed}> case, changes, dotted path in computed, value */
    public static function values(): iterable
    {
        $q = Cases::q(...);
        yield 'age' => [Cases::REAR, [], 'age_months', 14];
        yield 'age as given' => [Cases::REAR, ['child.born_on' => null, 'child.age_months' => 15], 'age_months', 15];
        yield 'unborn has none' => [Cases::REAR, ['child.born_on' => null, 'child.due_on' => '2026-12-01'], 'age_months', null];
        yield 'first day of no more use' => [Cases::REAR, [], 'expires_on', '2030-03-14'];
        yield 'days left' => [Cases::REAR, ['seat.use_until' => '2026-10-12'], 'days_left', 3];
        yield 'no days left' => [Cases::REAR, ['seat.use_until' => '2026-10-09'], 'days_left', 0];
        yield 'long gone' => [Cases::REAR, ['seat.use_until' => '2026-09-30'], 'days_left', -9];
        yield 'no end known' => [Cases::REAR, ['seat.life_years' => null], 'expires_on', null];
        yield 'recall: a dated empty list' => [Cases::REAR, [], 'recall.answer', 'clear'];
        yield 'recall: no list' => [Cases::REAR, ['recall_list' => null], 'recall.answer', null];
        yield 'recall: the list is named' => [Cases::REAR, [], 'recall.list_dated', '2026-10-01'];
        yield 'anchors, printed' => [Cases::REAR, [], 'lower_anchor_child_max', ['value' => 18.1436948, 'unit' => 'kg']];
        yield 'anchors, the vehicle is stricter' => [Cases::REAR, ['vehicle.lower_anchor_child_max' => $q(18, 'kg')], 'lower_anchor_child_max', ['value' => 18, 'unit' => 'kg']];
        yield 'anchors, forward 65 lb together' => [Cases::FORWARD, ['seat.lower_anchor_child_max' => null], 'lower_anchor_child_max', ['value' => 20.41165665, 'unit' => 'kg']];
        yield 'anchors, nothing known' => [Cases::REAR, ['seat.lower_anchor_child_max' => null, 'seat.weight' => null], 'lower_anchor_child_max', null];
        yield 'anchors without a set-up: best mode' => [Cases::REAR, ['setup' => null, 'seat.lower_anchor_child_max' => null], 'lower_anchor_child_max', ['value' => 18.1436948, 'unit' => 'kg']];
        yield 'anchors, not for boosters' => [Cases::BOOSTER, [], 'lower_anchor_child_max', null];
        yield 'slot, rear' => [Cases::REAR, [], 'harness_slot', 2];
        yield 'slot, forward' => [Cases::FORWARD, [], 'harness_slot', 4];
        yield 'slot, window' => [Cases::NZ, [], 'harness_slot', 3];
        yield 'slot, none is right' => [Cases::REAR, ['child.shoulder_height' => $q(150, 'mm')], 'harness_slot', null];
        yield 'best mode' => [Cases::REAR, [], 'best_mode', 'rear_harness'];
        yield 'best mode, an undecided better one' => [Cases::FORWARD, ['child.height' => $q(40, 'in'), 'seat.modes.rear_harness.weight_max' => [['value' => 50, 'unit' => 'lb', 'made_from' => '2023-01-01'], ['value' => 40, 'unit' => 'lb', 'made_from' => '2023-03-20']], 'seat.made_on' => '2023-03'], 'best_mode', null];
        yield 'modes: why not' => [Cases::FORWARD, [], 'modes.0.because', ['weight 41 lb is more than 40 lb', 'height 41 in is more than 40 in']];
        yield 'modes: with which way it fits' => [Cases::REAR, ['setup' => null, 'seat.modes.rear_harness.weight_max' => [$q(40, 'lb'), ['value' => 20, 'unit' => 'lb', 'held_by' => 'lower_anchors']]], 'modes.0.because', ['only held by the belt']];
        yield 'belt alone is listed when tested' => [Cases::REAR, ['setup.belt_fit' => ['back' => true]], 'modes.2.mode', 'belt_only'];
        yield 'belt lock' => [Cases::REAR, [], 'belt_lock.0.way', 'retractor'];
        yield 'belt lock without a place' => [Cases::REAR, ['setup' => null], 'belt_lock', null];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('values')]
    public function testValue(string $case, array $changes, string $path, mixed $expected): void
    {
        $value = AssessmentWriter::toArray(Cases::assess($case, $changes), Told::in('en'))['computed'];
        foreach (explode('.', $path) as $key) {
            self::assertIsArray($value);
            self::assertArrayHasKey($key, $value);
            $value = $value[$key];
        }
        self::assertSame($expected, $value);
    }
}
