<?php

declare(strict_types=1);

namespace Tests\Published;

use App\Practice\SeededDice;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Bus\BusPlanner;
use MintBuckle\Core\Bus\BusReader;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\CaseFile\Writer;
use MintBuckle\Core\Drill\DrillMaker;
use MintBuckle\Core\Drill\DrillWeights;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Seating\SeatingPlanner;
use MintBuckle\Core\Seating\SeatingReader;
use MintBuckle\Present\Words\AssessmentWriter;
use MintBuckle\Present\Words\BusWriter;
use MintBuckle\Present\Words\SeatingWriter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;
use Tests\Core\BusLaws;
use Tests\Core\Cases;
use Tests\Core\ChildRulesTest;
use Tests\Core\DrillTest;
use Tests\Core\LabelRulesTest;
use Tests\Core\MeasureRulesTest;
use Tests\Core\ReaderTest;
use Tests\Core\SeatingTest;
use Tests\Core\SecureRulesTest;
use Tests\Told;

/** The published JSON Schemas (draft 2020-12) against a validator from Packagist, and against reader and writer. */
final class SchemaTest extends TestCase
{
    /** What no schema can tell: two facts that cannot both be true, and sizes in any unit. Keyed as in ReaderTest. */
    private const ONLY_THE_READER = [
        'a day there is not', 'nothing', 'absurd', 'a giant', 'an offset too far', 'born after today', 'two ages', 'made after today',
        'a place the car lacks', 'a place twice', 'a slot the seat lacks', 'slots upside down', 'a zone there is not', 'a list from tomorrow',
    ];

    private static ?Validator $validator = null;

    /** @return iterable<string, array{stdClass}> */
    public static function validCases(): iterable
    {
        foreach (glob(dirname(__DIR__) . '/Golden/cases/*.json') ?: [] as $file) {
            yield basename($file) => [Cases::json(basename($file, '.json'))];
        }
        foreach ([LabelRulesTest::cases(), ChildRulesTest::cases(), SecureRulesTest::cases(), MeasureRulesTest::cases()] as $rows) {
            foreach ($rows as $name => $row) {
                yield $name => [Cases::json($row[0], $row[1])];
            }
        }
        foreach (ReaderTest::wholeCases() as $name => $row) {
            yield "whole: {$name}" => [Cases::json($row[0], $row[1])];
        }
    }

    #[DataProvider('validCases')]
    public function testWhatTheReaderTakesIsValid(stdClass $case): void
    {
        self::assertSame('', self::complaint('case', $case));
        self::assertSame('', self::complaint('case', self::asObject(Writer::toArray(Reader::fromObject($case)))), 'and so is what the writer writes');
    }

    #[DataProvider('validCases')]
    public function testAssessmentsAreValid(stdClass $case): void
    {
        $assessment = Assessor::assess(Reader::fromObject($case), Rulebook::current());
        self::assertSame('', self::complaint('assessment', self::asObject(AssessmentWriter::toArray($assessment, Told::in('en')))));
    }

    public function testWhatTheReaderRefusesIsInvalidWhereASchemaCanTell(): void
    {
        $agreed = [];
        foreach (ReaderTest::refused() as $name => [$path, $value]) {
            $case = Cases::json(Cases::REAR, [$path => $value]);
            if (self::complaint('case', $case) === '') {
                $agreed[] = $name;
            }
        }
        self::assertSame(self::ONLY_THE_READER, $agreed);
    }

    /** Every key of the schema is one that the reader knows: unknown there, it still reads. */
    public function testTheReaderKnowsEveryKeyOfTheSchema(): void
    {
        $paths = self::keys(self::schema('case'), self::schema('case'), '');
        foreach ($paths as $path) {
            $case = Cases::json(Cases::REAR, ['seat.history.parts_missing' => [['name' => 'x']], 'seat.history.extras' => [['name' => 'x']], 'seat.modes.rear_harness.zones' => [['name' => 'x']], 'recall_list.campaigns' => [['id' => 'x', 'maker' => 'x']], 'seat.modes.high_back_booster' => new stdClass(), 'seat.modes.backless_booster' => new stdClass(), 'setup.zone' => null]);
            if (in_array($path, ['format', 'version', 'today', 'practice', 'child', 'vehicle', 'setup.position'], true) || preg_match('/\.(name|id|maker)$/', $path) === 1) {
                continue;
            }
            if (preg_match('/^(.*\.\d+)\./', $path, $entry) === 1 && CasePath::get($case, $entry[1]) === null) {
                continue;
            }
            if (str_starts_with($path, 'bus')) {
                unset($case->vehicle);
            }
            CasePath::set($case, $path, null);
            if (! str_starts_with($path, 'vehicle')) {
                Reader::fromObject($case);
            }
        }
        self::assertGreaterThan(240, count($paths));
    }

    public function testTheSchemaKnowsEveryCode(): void
    {
        self::assertSame(array_map(static fn(Code $code): string => $code->value, Rulebook::current()->codes()), CasePath::get(self::schema('assessment'), '$defs.finding.properties.code.enum'));
    }

    /** @return list<string> */
    private static function keys(stdClass $schema, stdClass $root, string $prefix): array
    {
        $keys = [];
        foreach ((array) ($schema->properties ?? []) as $key => $child) {
            $path = $prefix === '' ? (string) $key : "{$prefix}.{$key}";
            $object = $child instanceof stdClass ? self::objectOf($child, $root) : null;
            $keys = [...$keys, $path, ...($object === null || CasePath::get($object[0], 'properties.unit') !== null ? [] : self::keys($object[0], $root, $path . $object[1]))];
        }

        return $keys;
    }

    /** @return array{stdClass, string}|null the object a key holds, and the index that leads into it where it is a list of them */
    private static function objectOf(stdClass $schema, stdClass $root): ?array
    {
        if (isset($schema->{'$ref'}) && is_string($schema->{'$ref'})) {
            $target = $root->{'$defs'}->{basename($schema->{'$ref'})} ?? null;

            return $target instanceof stdClass && isset($target->properties) ? [$target, ''] : null;
        }
        if (isset($schema->oneOf) && is_array($schema->oneOf) && $schema->oneOf[0] instanceof stdClass) {
            return self::objectOf($schema->oneOf[0], $root);
        }
        if (isset($schema->items) && $schema->items instanceof stdClass) {
            $item = self::objectOf($schema->items, $root);

            return $item === null ? null : [$item[0], '.0'];
        }

        return isset($schema->properties) ? [$schema, ''] : null;
    }

    public function testSeatingFilesAndTheirPlansAreValid(): void
    {
        $file = SeatingTest::file(['2L' => [], '2C' => [], '1R' => ['airbag' => true]], [SeatingTest::rider('A', 'rear_harness', 9, ['keep' => true, 'now_at' => '2L']), SeatingTest::rider('B', 'high_back_booster', 90)], ['today' => '2026-10-10', 'middle_for' => 'youngest', 'law' => ['back_row_until_months' => 156]]);
        self::assertSame('', self::complaint('seating', self::asObject(json_decode($file, true))));
        foreach ([$file, SeatingTest::file([], [SeatingTest::rider('A', 'rear_harness', 9)])] as $one) {
            self::assertSame('', self::complaint('seat-plans', self::asObject(SeatingWriter::toArray(SeatingPlanner::plan(SeatingReader::read($one, CalendarDate::of(2026, 10, 10))), Told::in('en')))));
        }
        self::assertNotSame('', self::complaint('seating', self::asObject(['colour' => 'red'] + (array) json_decode($file, true))));
    }

    public function testBusFilesAndTheirPlansAreValid(): void
    {
        $file = ['keep' => [['rider' => 'rider 1', 'row' => 1, 'side' => 'left']], 'gross_weight' => ['value' => 9600, 'unit' => 'lb']] + BusLaws::roomy(1, 6, 3, 4, 2);
        self::assertSame('', self::complaint('bus', self::asObject($file)));
        foreach ([$file, ['systems' => []] + $file] as $one) {
            self::assertSame('', self::complaint('bus-plans', self::asObject(BusWriter::toArray(BusPlanner::plan(BusReader::read(json_encode($one, JSON_THROW_ON_ERROR))), Told::in('en')))));
        }
        self::assertNotSame('', self::complaint('bus', self::asObject(['colour' => 'red'] + $file)));
    }

    public function testDrillsAreValid(): void
    {
        foreach ([1, 2, 3] as $seed) {
            $drill = (new DrillMaker(DrillTest::stock(), new SeededDice($seed)))->make($seed);
            self::assertSame('', self::complaint('drill', self::asObject(['case' => $drill->case, 'good' => $drill->good, 'faults' => $drill->faults, 'weights' => DrillWeights::all(Rulebook::current())])));
        }
        self::assertNotSame('', self::complaint('drill', self::asObject(['case' => $drill->case])));
    }

    private static function complaint(string $schema, mixed $data): string
    {
        $result = (self::$validator ??= self::validator())->validate($data, "urn:mint-buckle:{$schema}:1");

        return $result->isValid() ? '' : (string) $result->error()?->message() . ' at ' . implode('.', $result->error()?->data()->fullPath() ?? []);
    }

    /** With every published schema; it reads each once. */
    private static function validator(): Validator
    {
        $validator = new Validator();
        foreach (['case', 'assessment', 'seating', 'seat-plans', 'bus', 'bus-plans', 'drill'] as $name) {
            $validator->resolver()?->registerRaw(self::schema($name));
        }

        return $validator;
    }

    private static function schema(string $name): stdClass
    {
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 2) . "/docs/schema/{$name}.schema.json"), false, 64, JSON_THROW_ON_ERROR);
        assert($schema instanceof stdClass);

        return $schema;
    }

    private static function asObject(mixed $value): mixed
    {
        return json_decode(json_encode($value, JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR);
    }
}
