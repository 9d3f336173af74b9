<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station history. */
final class HistoryRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {

        $points = static fn(?bool ...$holds): array => ['policy.crash' => 'minor_crash', 'seat.history.crash' => true, 'seat.history.crash_points' => array_combine(['drove_away', 'near_door_sound', 'nobody_hurt', 'no_airbag', 'seat_sound'], $holds)];
        yield 'minor crash, and what the maker says is not known' => [self::REAR, ['policy.crash' => 'minor_crash', 'seat.replace_after_crash' => null, 'seat.history.crash' => true, 'seat.history.crash_points' => ['drove_away' => true, 'near_door_sound' => true, 'nobody_hurt' => true, 'no_airbag' => true, 'seat_sound' => true]], [], ['seat.replace_after_crash']];
        yield 'an insert in use, and which inserts the seat has is not known' => [self::REAR, ['seat.inserts' => null, 'setup.harness.insert' => 'newborn'], [], ['seat.inserts']];
        yield 'an insert in use on a seat that has none' => [self::REAR, ['seat.inserts' => [], 'setup.harness.insert' => 'newborn'], ['fix extras.unapproved newborn']];
        yield 'nothing known' => [self::REAR, ['seat.history' => null], [], ['seat.history.known', 'seat.history.altered', 'seat.history.crash', 'seat.history.damage', 'seat.history.parts_missing', 'seat.history.extras']];
        yield 'past unknown' => [self::REAR, ['seat.history.known' => false], ['stop history.unknown']];
        yield 'altered' => [self::REAR, ['seat.history.altered' => true], ['stop condition.altered']];
        yield 'crash, strict' => [self::REAR, ['seat.history.crash' => true], ['stop history.crash']];
        yield 'crash, no policy is strict' => [self::REAR, ['policy.crash' => null, 'seat.history.crash' => true], ['stop history.crash']];
        yield 'crash, nz is strict' => [self::NZ, ['policy' => null, 'seat.history.crash' => true], ['stop history.crash']];
        yield 'crash, all five hold, but nz is always strict' => [self::NZ, $points(true, true, true, true, true), ['stop history.crash']];
        yield 'crash, all five hold (NHTSA, Car Seat Use After a Crash)' => [self::REAR, $points(true, true, true, true, true), ['advise history.minor_crash']];
        yield 'crash, all five hold, maker says replace' => [self::REAR, $points(true, true, true, true, true) + ['seat.replace_after_crash' => 'any'], ['stop history.crash']];
        yield 'crash, car towed' => [self::REAR, $points(false, true, true, true, true), ['stop history.crash']];
        yield 'crash, door damaged' => [self::REAR, $points(true, false, true, true, true), ['stop history.crash']];
        yield 'crash, somebody hurt' => [self::REAR, $points(true, true, false, true, true), ['stop history.crash']];
        yield 'crash, airbag' => [self::REAR, $points(true, true, true, false, true), ['stop history.crash']];
        yield 'crash, seat damaged' => [self::REAR, $points(true, true, true, true, false), ['stop history.crash']];
        yield 'crash, one point unknown' => [self::REAR, $points(true, true, null, true, true), ['ask history.crash_unclear'], ['seat.history.crash_points.nobody_hurt']];
        yield 'crash, one fails and one is unknown' => [self::REAR, $points(true, true, null, false, true), ['stop history.crash']];
        yield 'two damages' => [self::REAR, ['seat.history.damage' => ['crack at the belt path', 'frayed strap']], ['stop condition.damage crack at the belt path', 'stop condition.damage frayed strap']];
        yield 'essential part missing' => [self::REAR, ['seat.history.parts_missing' => [['name' => 'level foot', 'essential' => true]]], ['stop condition.part_missing level foot']];
        yield 'minor part missing' => [self::REAR, ['seat.history.parts_missing' => [['name' => 'cup holder', 'essential' => false]]], ['advise condition.part_missing_minor cup holder']];
        yield 'a part missing, essential or not' => [self::REAR, ['seat.history.parts_missing' => [['name' => 'peg']]], [], ['seat.history.parts_missing.0.essential']];
        yield 'two extras, one approved' => [self::REAR, ['seat.history.extras' => [['name' => 'mat', 'approved' => false], ['name' => 'toy bar', 'approved' => true]]], ['fix extras.unapproved mat']];
        yield 'an extra nobody knows about' => [self::REAR, ['seat.history.extras' => [['name' => 'mirror']]], [], ['seat.history.extras.0.approved']];
        yield 'insert at its greatest weight' => [self::REAR, ['setup.harness.insert' => 'newborn', 'seat.inserts' => [['name' => 'newborn', 'weight_max' => Cases::q(21, 'lb')]]], []];
        yield 'insert above its weight' => [self::REAR, ['setup.harness.insert' => 'newborn'], ['fix extras.insert_range newborn']];
        yield 'insert below its weight' => [self::REAR, ['setup.harness.insert' => 'newborn', 'seat.inserts' => [['name' => 'newborn', 'weight_min' => Cases::q(21.1, 'lb')]]], ['fix extras.insert_range newborn']];
        yield 'insert for any weight, not weighed' => [self::REAR, ['setup.harness.insert' => 'newborn', 'seat.inserts' => [['name' => 'newborn']], 'child.weight' => null], [], ['child.weight']];
        yield 'insert, not weighed' => [self::REAR, ['setup.harness.insert' => 'newborn', 'child.weight' => null], [], ['child.weight']];
        yield 'insert for a child not yet born' => [self::REAR, ['setup.harness.insert' => 'newborn', 'child.born_on' => null, 'child.due_on' => '2026-12-01', 'child.weight' => null], [], ['child.born_on']];
        $later = ['value' => 30, 'unit' => 'lb', 'made_from' => '2023-06-01'];
        yield 'insert whose least weight is undecided' => [self::REAR, ['seat.made_on' => '2023', 'setup.harness.insert' => 'newborn', 'seat.inserts' => [['name' => 'newborn', 'weight_min' => [Cases::q(5, 'lb'), $later]]]], [], ['seat.made_on']];
        yield 'insert whose greatest weight is undecided' => [self::REAR, ['seat.made_on' => '2023', 'setup.harness.insert' => 'newborn', 'seat.inserts' => [['name' => 'newborn', 'weight_max' => [Cases::q(11, 'lb'), $later]]]], [], ['seat.made_on']];
        yield 'insert too light whichever holds' => [self::REAR, ['seat.made_on' => '2023', 'setup.harness.insert' => 'newborn', 'seat.inserts' => [['name' => 'newborn', 'weight_min' => [Cases::q(25, 'lb'), $later]]]], ['fix extras.insert_range newborn']];
        yield 'insert whose figure does not apply' => [self::REAR, ['setup.harness.insert' => 'newborn', 'seat.inserts' => [['name' => 'newborn', 'weight_max' => [['value' => 11, 'unit' => 'lb', 'made_from' => '2030-01-01']]]]], []];
        yield 'insert the seat does not know' => [self::REAR, ['setup.harness.insert' => 'sheepskin'], ['fix extras.unapproved sheepskin']];

    }
}
