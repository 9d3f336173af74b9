<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Catalogue\FieldKind;
use MintBuckle\Core\Catalogue\FieldText;
use MintBuckle\Core\Catalogue\LimitText;
use MintBuckle\Core\Catalogue\ModelField;
use MintBuckle\Core\Catalogue\ModelFields;
use MintBuckle\Core\Catalogue\ModelText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
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
        yield 'months' => ['24 months', ['months'], 24];
        yield 'months without a word' => ['24', ['months'], 24];
        yield 'months that depend' => ['36 months with lower anchors', ['months'], [['value' => 36, 'held_by' => 'lower_anchors']]];
        yield 'no unit' => ['40', ['lb'], null];
        yield 'another unit' => ['40 cm', ['lb', 'kg'], null];
        yield 'half a month' => ['2.5 months', ['months'], null];
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
