<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Catalogue\AboutModel;
use MintBuckle\Core\Catalogue\FieldKind;
use MintBuckle\Core\Catalogue\FieldRows;
use MintBuckle\Core\Catalogue\FieldText;
use MintBuckle\Core\Catalogue\LimitRows;
use MintBuckle\Core\Catalogue\LimitText;
use MintBuckle\Core\Catalogue\ModelField;
use MintBuckle\Core\Catalogue\ModelFields;
use MintBuckle\Core\Catalogue\ModelText;
use MintBuckle\Core\Catalogue\SeatKind;
use MintBuckle\Core\Facts\ModeName;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use stdClass;
use Tests\Told;

final class CatalogueTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>, mixed}> */
    public static function limits(): iterable
    {
        yield 'plain' => ['40 lb', ['lb'], ['value' => 40, 'unit' => 'lb']];
        yield 'a comma' => ['18,1 kg', ['kg'], ['value' => 18.1, 'unit' => 'kg']];
        yield 'below' => ['under 40 lb', ['lb'], ['value' => 40, 'unit' => 'lb', 'below' => true]];
        yield 'two that depend' => ['40 lb; 35 lb with lower anchors', ['lb'], [['value' => 40, 'unit' => 'lb'], ['value' => 35, 'unit' => 'lb', 'held_by' => 'lower_anchors']]];
        yield 'a window' => ['50 lb made from 2024-01-01 made to 2024-12-31', ['lb'], ['value' => 50, 'unit' => 'lb', 'made_from' => '2024-01-01', 'made_to' => '2024-12-31']];
        yield 'months' => ['24 months', LimitText::AGE, 24];
        yield 'months without a word' => ['24', LimitText::AGE, 24];
        yield 'months that depend' => ['36 months with lower anchors', LimitText::AGE, [['value' => 36, 'held_by' => 'lower_anchors']]];
        yield 'years' => ['2 years', LimitText::AGE, 24];
        yield 'a year, from a month and to a year of make' => ['1 year made from 2016-04 made to 2019', LimitText::AGE, [['value' => 12, 'made_from' => '2016-04-01', 'made_to' => '2019-12-31']]];
        yield 'half a year' => ['1.5 years', LimitText::AGE, null];
        yield 'a month that no year has' => ['40 lb made from 2016-13', LimitText::MASS, null];
        yield 'a date that is none' => ['40 lb made to 20160', LimitText::MASS, null];
        yield 'no unit' => ['40', ['lb'], null];
        yield 'another unit' => ['40 cm', ['lb', 'kg'], null];
        yield 'half a month' => ['2.5 months', LimitText::AGE, null];
        yield 'words' => ['as the manual says', ['lb'], null];
    }

    /** @param list<string> $units */
    #[DataProvider('limits')]
    public function testLimitsAreReadAndWrittenAlike(string $text, array $units, mixed $expected): void
    {
        $parsed = LimitText::parse($text, $units);
        self::assertSame($expected, $parsed);
        if ($parsed !== null) {
            self::assertSame($parsed, LimitText::parse((string) LimitText::show($parsed), $units));
        }
    }

    public function testAWholeSeatIsTypedAndReadBack(): void
    {
        foreach ([Cases::REAR, Cases::FORWARD, Cases::NZ, Cases::BOOSTER] as $case) {
            $rules = Cases::json($case)->seat;
            self::assertInstanceOf(stdClass::class, $rules);
            $again = ModelText::read(ModelText::show($rules) + ['modes' => array_keys((array) $rules->modes)], $rules);

            self::assertSame([], $again->problems, $case);
            foreach (ModelFields::all() as $field) {
                self::assertEquals(CasePath::get($rules, $field->path) ?? null, self::plain(CasePath::get($again->rules, $field->path)), "{$case} {$field->path}");
            }
            self::assertEquals($rules->history ?? null, $again->rules->history ?? null, 'what the form does not know is kept');
        }
    }

    /** @return iterable<string, array{string, list<array<string, mixed>>|null}> */
    public static function reclines(): iterable
    {
        $lb = static fn(int $value): array => ['value' => $value, 'unit' => 'lb'];
        yield 'one setting' => ['3', [['settings' => [3]]]];
        yield 'by weight' => ['1, 2 to 40 lb; 3 from 40 lb', [['settings' => [1, 2], 'weight_max' => $lb(40)], ['settings' => [3], 'weight_min' => $lb(40)]]];
        yield 'between' => ['2 from 22 lb to 40 lb', [['settings' => [2], 'weight_min' => $lb(22), 'weight_max' => $lb(40)]]];
        yield 'a least that is no weight' => ['2 from two to 40 lb', null];
        yield 'a most that is no weight' => ['2 from 22 lb to forty', null];
        yield 'a most alone that is no weight' => ['2 to forty', null];
        yield 'a least alone that is no weight' => ['2 from two', null];
        yield 'no setting' => ['to 40 lb', null];
    }

    /** @param list<array<string, mixed>>|null $expected */
    #[DataProvider('reclines')]
    public function testReclineSettings(string $text, ?array $expected): void
    {
        $field = array_values(array_filter(ModelFields::all(), static fn(ModelField $f): bool => $f->kind === FieldKind::Recline))[0];
        self::assertSame($expected, FieldText::read($field, $text));
        if ($expected !== null) {
            self::assertSame($text, FieldText::show($field, json_decode(json_encode($expected, JSON_THROW_ON_ERROR))));
        }
    }

    /** @return iterable<string, array{FieldKind, string, list<array<string, mixed>>|null}> */
    public static function ranges(): iterable
    {
        $lb = static fn(int $value): array => ['value' => $value, 'unit' => 'lb'];
        yield 'a cushion' => [FieldKind::Inserts, 'newborn from 4 lb to 11 lb', [['name' => 'newborn', 'weight_min' => $lb(4), 'weight_max' => $lb(11)]]];
        yield 'cushions' => [FieldKind::Inserts, 'newborn to 11 lb; head pad', [['name' => 'newborn', 'weight_max' => $lb(11)], ['name' => 'head pad']]];
        yield 'a name with "to" in it' => [FieldKind::Inserts, 'next to the body to 11 lb', [['name' => 'next to the body', 'weight_max' => $lb(11)]]];
        yield 'a cushion by age' => [FieldKind::Inserts, 'newborn to 3 months', null];
        yield 'a cushion that sits' => [FieldKind::Inserts, 'newborn, sits', null];
        yield 'zones by age' => [FieldKind::Zones, 'small from 0 months to 3 months; big from 3 months', [['name' => 'small', 'age_min_months' => 0, 'age_max_months' => 3], ['name' => 'big', 'age_min_months' => 3]]];
        yield 'a zone by age, weight and sitting' => [FieldKind::Zones, 'big from 3 months, from 9 lb to 40 lb, sits', [['name' => 'big', 'age_min_months' => 3, 'weight_min' => $lb(9), 'weight_max' => $lb(40), 'needs_sitting' => true]]];
        yield 'a zone below a figure' => [FieldKind::Zones, 'low, need not sit', [['name' => 'low', 'needs_sitting' => false]]];
        yield 'an age beside a weight in one range' => [FieldKind::Zones, 'big from 3 months to 9 lb', null];
        yield 'twice the same end' => [FieldKind::Zones, 'big to 9 lb, to 11 lb', null];
        yield 'a stray word' => [FieldKind::Zones, 'big to 9 lb, upright', null];
        yield 'no name' => [FieldKind::Zones, '; big', null];
        yield 'no unit' => [FieldKind::Zones, 'big to 9', null];
    }

    /** @param list<array<string, mixed>>|null $expected */
    #[DataProvider('ranges')]
    public function testCushionsAndZonesAreReadWrittenAndTakenApartIntoRows(FieldKind $kind, string $text, ?array $expected): void
    {
        $field = array_values(array_filter(ModelFields::all(), static fn(ModelField $f): bool => $f->kind === $kind))[0];
        self::assertSame($expected, FieldText::read($field, $text));
        if ($expected !== null) {
            self::assertSame($text, FieldText::show($field, json_decode(json_encode($expected, JSON_THROW_ON_ERROR))));
            self::assertSame($text, FieldRows::text($kind, FieldRows::of($kind, $text)));
        }
    }

    public function testWhatDependsOnSomethingElseHasNoLineAndIsKept(): void
    {
        $insert = (object) ['name' => 'newborn', 'weight_max' => [(object) ['value' => 11, 'unit' => 'lb'], (object) ['value' => 9, 'unit' => 'lb', 'made_to' => '2019-12-31']]];
        $seat = (object) ['maker' => 'A', 'model' => 'B', 'inserts' => [$insert]];
        self::assertArrayNotHasKey('inserts', ModelText::show($seat));
        $again = ModelText::read(['maker' => 'A', 'model' => 'B', 'name' => 'C'], $seat);
        self::assertEquals([$insert], $again->rules->inserts);
        $again = ModelText::read(['maker' => 'A', 'model' => 'B', 'inserts' => 'newborn to 11 lb'], $seat);
        self::assertEquals([(object) ['name' => 'newborn', 'weight_max' => (object) ['value' => 11, 'unit' => 'lb']]], $again->rules->inserts, 'what is typed holds');
        self::assertEquals([], ModelText::read(['maker' => 'A', 'model' => 'B', 'inserts' => 'none'], $seat)->rules->inserts);
    }

    /** Whatever limit a file may hold, written as text and taken apart into rows of a form, comes back as it was. */
    public function testRandomLimitsSurviveTextAndRows(): void
    {
        $random = new Randomizer(new Mt19937(18));
        /** @param non-empty-list<mixed> $from */
        $pick = static fn(array $from): mixed => $from[$random->getInt(0, count($from) - 1)];
        for ($i = 0; $i < 2_000; $i++) {
            $units = [LimitText::MASS, LimitText::LENGTH, LimitText::AGE, LimitText::ANGLE][$random->getInt(0, 3)];
            $entries = [];
            for ($n = $random->getInt(1, 3); $n > 0; $n--) {
                $entries[] = array_filter([
                    'value' => $units === LimitText::AGE || $random->getInt(0, 1) === 1 ? $random->getInt(0, 90) : $random->getInt(1, 900) / 8,
                    'unit' => $units === LimitText::AGE ? null : $pick($units),
                    'below' => $pick([null, true]),
                    'made_from' => $pick([null, null, '2016-04-01']),
                    'made_to' => $pick([null, null, '2020-02-29']),
                    'held_by' => $pick([null, null, 'belt', 'lower_anchors', 'both']),
                ], static fn(mixed $v): bool => $v !== null);
            }
            $isPlain = count($entries) === 1 && $units !== LimitText::AGE;
            $limit = $isPlain ? $entries[0] : (count($entries) === 1 && array_keys($entries[0]) === ['value'] ? $entries[0]['value'] : $entries);
            $text = (string) LimitText::show($limit);
            self::assertEquals($limit, LimitText::parse($text, $units), $text);
            self::assertSame($text, LimitRows::text(LimitRows::of($text)), $text);
        }
    }

    public function testAFigureTypedWithItsUnitKeepsIt(): void
    {
        self::assertSame('18 kg', LimitRows::text([['amount' => '18 kg', 'unit' => 'lb']]));
        self::assertSame('under 40 lb with belt made from 2016-04; 2 years', LimitRows::text([['amount' => '40', 'unit' => 'lb', 'below' => '1', 'held' => 'belt', 'from' => '2016-04', 'to' => ''], ['amount' => ' '], ['amount' => '2', 'unit' => 'years']]));
        self::assertSame('', LimitRows::text([['unit' => 'lb', 'held' => 'belt'], 'nonsense', null]));
    }

    /** Each kind asks its usual things first: what most of the ten checks of a manual read, and never something of another way of riding. */
    public function testEachKindSaysFirstWhatItsManualIsSureToSay(): void
    {
        foreach (SeatKind::cases() as $kind) {
            $first = array_filter([...array_merge(...array_values(ModelFields::simple())), ...array_merge(...array_map(ModelFields::ofMode(...), $kind->modes()))], $kind->usuallySays(...));
            $paths = array_map(static fn(ModelField $f): string => $f->path, $first);
            self::assertContains('maker', $paths, $kind->value);
            self::assertLessThanOrEqual(30, count($first), $kind->value);
            foreach ($kind->modes() as $mode) {
                self::assertContains("modes.{$mode->value}.weight_max", $paths, $kind->value);
            }
            self::assertSame(in_array(ModeName::RearHarness, $kind->modes(), true), in_array('tether_rear', $paths, true), $kind->value);
        }
    }

    public function testWhatAManualSaysBesides(): void
    {
        $read = AboutModel::read((object) ['contact' => ' 555 0142 ', 'parts' => [(object) ['name' => 'base', 'essential' => true], ['name' => ''], ['name' => 'canopy', 'essential' => '0']]]);
        self::assertSame([['contact' => '555 0142', 'parts' => [['name' => 'base', 'essential' => true], ['name' => 'canopy', 'essential' => false]]], []], [$read->said, $read->problems]);
        self::assertSame(['contact', 'parts', 'colour'], array_keys(AboutModel::read(['contact' => str_repeat('x', 301), 'parts' => 'base', 'colour' => 'red'])->problems));
        self::assertSame(['parts'], array_keys(AboutModel::read(['parts' => array_map(static fn(int $n): array => ['name' => "p{$n}"], range(0, 60))])->problems));
        self::assertSame([], AboutModel::read('nonsense')->said);
    }

    public function testWhatTheFormCannotWrite(): void
    {
        foreach ([null, [], [null], ['x'], [['unit' => 'lb']], true, [(object) ['value' => true]]] as $limit) {
            self::assertNull(LimitText::show($limit), json_encode($limit) ?: '');
        }
        self::assertSame('24 months', LimitText::show(24));
        self::assertSame('40 lb', LimitText::show((object) ['value' => 40, 'unit' => 'lb', 'below' => false]));
    }

    public function testWhatCannotBeReadIsNamedByItsField(): void
    {
        $model = ModelText::read(['model' => 'X-1', 'life_years' => 'seven', 'weight' => '20', 'slots' => '10 in, 9 in', 'modes' => ['rear_harness'], 'modes.rear_harness.weight_max' => '40 stone', 'modes.rear_harness.recline' => 'flat', 'tether_rear' => 'sometimes', 'modes.forward_harness.weight_max' => 'not asked']);

        self::assertSame(['maker', 'life_years', 'weight', 'tether_rear', 'modes.rear_harness.weight_max', 'modes.rear_harness.recline'], array_keys($model->problems));
        self::assertSame('Needed.', Told::in('en')->show($model->problems['maker']));
        self::assertArrayHasKey('life_years', ModelText::read(['maker' => 'A', 'model' => 'B', 'life_years' => '99'])->problems, 'and so is what the format refuses');
    }

    public function testAModeThatIsTakenAwayIsGone(): void
    {
        $rules = Cases::json(Cases::REAR)->seat;
        self::assertInstanceOf(stdClass::class, $rules);
        self::assertSame(['rear_harness'], array_keys((array) ModelText::read(ModelText::show($rules) + ['modes' => ['rear_harness']], $rules)->rules->modes));
    }

    public function testEveryPathIsAKeyOfTheFormat(): void
    {
        foreach (ModelFields::all() as $field) {
            $seat = new stdClass();
            CasePath::set($seat, $field->path, null);
            self::assertSame([], ModelText::refused($seat), $field->path);
        }
    }

    private static function plain(mixed $value): mixed
    {
        return json_decode(json_encode($value, JSON_THROW_ON_ERROR));
    }
}
