<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\ExactNumber;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\JsonText;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\CaseFile\Writer;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ReaderTest extends TestCase
{
    /** @return iterable<string, array{string, mixed, string}> path, value, the whole complaint */
    public static function refused(): iterable
    {
        yield 'another format' => ['format', 'somebody/else', 'format: must be mint-buckle/case'];
        yield 'another version' => ['version', 2, 'version: must be a whole number from 1 to 1'];
        yield 'no day' => ['today', null, 'today: is required'];
        yield 'a day there is not' => ['today', '2026-02-30', 'today: must be a day of the calendar, which has no 2026-2-30'];
        yield 'a practice there is not' => ['practice', 'eu', 'practice: must be one of us, nz, au'];
        yield 'an unknown key' => ['colour', 'blue', 'colour: is not a key of this format'];
        yield 'an unknown key deep down' => ['setup.harness.colour', 'blue', 'setup.harness.colour: is not a key of this format'];
        yield 'yes as text' => ['setup.twisted', 'no', 'setup.twisted: must be true, false or null'];
        yield 'yes as a number' => ['setup.twisted', 0, 'setup.twisted: must be true, false or null'];
        yield 'a bare number' => ['child.weight', 21, 'child.weight: must be an object'];
        yield 'a wrong unit' => ['child.weight', ['value' => 21, 'unit' => 'in'], 'child.weight.unit: must be one of kg, g, lb, oz'];
        yield 'a number as text' => ['child.weight', ['value' => '21', 'unit' => 'lb'], 'child.weight.value: must be a number'];
        yield 'a place as a number' => ['setup.position', 2, 'setup.position: must be a row and a side: 1L 1C 1R 2L 2C 2R 3L 3C 3R'];
        yield 'negative' => ['child.weight', ['value' => -1, 'unit' => 'kg'], 'child.weight: must be 0 kg to 200 kg'];
        yield 'nothing' => ['child.weight', ['value' => 0, 'unit' => 'kg'], 'child.weight: must be more than nothing'];
        yield 'absurd' => ['child.weight', ['value' => 200.1, 'unit' => 'kg'], 'child.weight: must be 0 kg to 200 kg'];
        yield 'a giant' => ['child.height', ['value' => 2.6e3, 'unit' => 'mm'], 'child.height: must be 0 mm to 2500 mm'];
        yield 'an obtuse angle' => ['setup.angle', ['value' => 90.5, 'unit' => 'deg'], 'setup.angle: must be 0° to 90°'];
        yield 'an offset too far' => ['setup.harness.strap_offset', ['value' => -501, 'unit' => 'mm'], 'setup.harness.strap_offset: must be -500 mm to 500 mm'];
        yield 'born after today' => ['child.born_on', '2026-10-11', 'child.born_on: lies after today; a child not yet born has a due_on'];
        yield 'two ages' => ['child.age_months', 14, 'child: must have one of born_on, age_months and due_on, not several'];
        yield 'made after today' => ['seat.made_on', '2026-11', 'seat.made_on: lies after today'];
        yield 'a year before seats' => ['seat.made_on', '1949', 'seat.made_on: must lie in the years 1950 to 2150'];
        yield 'a life of parts' => ['seat.life_years', 6.5, 'seat.life_years: must be a whole number from 1 to 40'];
        yield 'a place the car lacks' => ['setup.position', '3L', 'setup.position: must be a place of the vehicle, which has no 3L'];
        yield 'a place there is not' => ['vehicle.positions.0.name', '4L', 'vehicle.positions.0.name: must be a row and a side: 1L 1C 1R 2L 2C 2R 3L 3C 3R'];
        yield 'a place twice' => ['vehicle.positions.0.name', '2C', 'vehicle.positions.2.name: is the second 2C'];
        yield 'a slot the seat lacks' => ['setup.harness.slot', 6, 'setup.harness.slot: must be a slot of the seat, which has 5'];
        yield 'slots upside down' => ['seat.slots.0.height', ['value' => 400, 'unit' => 'mm'], 'seat.slots.1.height: lies below the slot before it; list the lowest first'];
        yield 'a zone there is not' => ['setup.zone', 'lunar', 'setup.zone: must be a zone of the indicator in this mode, which has no lunar'];
        yield 'a lock there is not' => ['setup.lock', ['rope'], 'setup.lock.0: must be one of retractor, latch_plate, lockoff, clamp_door, clip'];
        yield 'a third of a turn' => ['setup.buckle_turns', 0.3, 'setup.buckle_turns: must be in whole or half turns'];
        yield 'more than all of it' => ['setup.base_on_cushion', 1.01, 'setup.base_on_cushion: must be 0 to 1'];
        yield 'a list from tomorrow' => ['recall_list.dated', '2026-10-11', 'recall_list.dated: lies after today'];
        yield 'a mode there is not' => ['seat.modes.sideways', ['weight_max' => null], 'seat.modes.sideways: is not a key of this format'];
        yield 'modes as a list' => ['seat.modes', [], 'seat.modes: must be an object'];
        yield 'an empty limit' => ['seat.modes.rear_harness.weight_max', [], 'seat.modes.rear_harness.weight_max: must hold at least one figure'];
        yield 'a limit with a stray key' => ['seat.movement_max', ['value' => 1, 'unit' => 'in', 'above' => true], 'seat.movement_max.above: is not a key of this format'];
        yield 'an age limit in parts' => ['seat.modes.rear_harness.age_min_months', 4.5, 'seat.modes.rear_harness.age_min_months: must be a whole number from 0 to 300'];
    }

    #[DataProvider('refused')]
    public function testRefuses(string $path, mixed $value, string $complaint): void
    {
        $this->expectExceptionMessage($complaint);
        $this->expectException(InvalidCase::class);

        Cases::read(Cases::REAR, [$path => $value]);
    }

    /** @return iterable<string, array{string, mixed}> values on the edge of what is taken */
    public static function taken(): iterable
    {
        yield '200 kg' => ['child.weight', ['value' => 200, 'unit' => 'kg']];
        yield '2,500 mm' => ['child.height', ['value' => 250, 'unit' => 'cm']];
        yield '90 degrees' => ['setup.angle', ['value' => 90, 'unit' => 'deg']];
        yield 'no angle' => ['setup.angle', ['value' => 0, 'unit' => 'deg']];
        yield 'half a metre below' => ['setup.harness.strap_offset', ['value' => -500, 'unit' => 'mm']];
        yield 'five metres' => ['setup.overhang', ['value' => 5000, 'unit' => 'mm']];
        yield '300 months' => ['law', ['back_row_until_months' => 300]];
        yield 'forty years' => ['seat.life_years', 40];
        yield 'one year' => ['seat.life_years', 1];
        yield 'twenty turns' => ['setup.buckle_turns', 20];
        yield 'no prongs' => ['setup.clip_prongs', 0];
        yield 'all of it' => ['setup.base_on_cushion', 1.0];
        yield 'the year 1950' => ['seat.made_on', '1950'];
        yield 'the year 2150' => ['seat.use_until', '2150'];
        yield 'a text of 2,000' => ['seat.serial', str_repeat('é', 2000)];
        yield 'a list of 1,000' => ['seat.remedied', array_fill(0, 1000, 'R')];
        yield 'due in 300 days' => ['child', ['due_on' => '2027-08-06']];
        yield 'made today' => ['seat.made_on', '2026-10-10'];
        yield 'a whole number written with a point' => ['setup.harness.slot', 3.0];
        yield 'an age limit written with a point' => ['seat.modes.rear_harness.age_min_months', 12.0];
        yield 'recline setting 0' => ['setup.recline_setting', 0];
        yield 'recline setting 100' => ['setup.recline_setting', 100];
        yield 'recline settings 0 to 100' => ['seat.modes.rear_harness.recline', [['settings' => [0, 100]]]];
        yield 'crotch slots 1 to 100' => ['seat.modes.rear_harness.crotch_slots', [1, 100]];
        yield 'slots forbidden 1 to 1,000' => ['seat.modes.rear_harness.slots_forbidden', [1, 1000]];
        yield 'twenty noodles' => ['setup.wedge_count', 20];
        yield 'no noodle' => ['setup.wedge_count', 0];
        yield 'four prongs' => ['setup.clip_prongs', 4];
        yield 'nothing on the cushion' => ['setup.base_on_cushion', 0];
        yield 'the highest slot' => ['setup.harness.slot', 5];
    }

    #[DataProvider('taken')]
    public function testTakesWhatIsOnTheEdge(string $path, mixed $value): void
    {
        self::assertInstanceOf(CaseFile::class, Cases::read(Cases::REAR, [$path => $value]));
    }

    /** @return iterable<string, array{string, mixed, string}> values just beyond it */
    public static function beyond(): iterable
    {
        yield '301 months' => ['law', ['back_row_until_months' => 301], 'law.back_row_until_months: must be a whole number from 0 to 300'];
        yield 'more than five metres' => ['setup.overhang', ['value' => 5000.1, 'unit' => 'mm'], 'setup.overhang: must be 0 mm to 5000 mm'];
        yield 'no years' => ['seat.life_years', 0, 'seat.life_years: must be a whole number from 1 to 40'];
        yield 'twenty and a half turns' => ['setup.buckle_turns', 20.5, 'setup.buckle_turns: must be 0 to 20'];
        yield 'recline setting 101' => ['setup.recline_setting', 101, 'setup.recline_setting: must be a whole number from 0 to 100'];
        yield 'recline settings to 101' => ['seat.modes.rear_harness.recline', [['settings' => [101]]], 'seat.modes.rear_harness.recline.0.settings.0: must be a whole number from 0 to 100'];
        yield 'a recline setting below nought' => ['seat.modes.rear_harness.recline', [['settings' => [-1]]], 'seat.modes.rear_harness.recline.0.settings.0: must be a whole number from 0 to 100'];
        yield 'crotch slot 101' => ['seat.modes.rear_harness.crotch_slots', [101], 'seat.modes.rear_harness.crotch_slots.0: must be a whole number from 1 to 100'];
        yield 'crotch slot 0' => ['seat.modes.rear_harness.crotch_slots', [0], 'seat.modes.rear_harness.crotch_slots.0: must be a whole number from 1 to 100'];
        yield 'slot 1,001 forbidden' => ['seat.modes.rear_harness.slots_forbidden', [1001], 'seat.modes.rear_harness.slots_forbidden.0: must be a whole number from 1 to 1000'];
        yield 'slot 0 forbidden' => ['seat.modes.rear_harness.slots_forbidden', [0], 'seat.modes.rear_harness.slots_forbidden.0: must be a whole number from 1 to 1000'];
        yield 'slot 0' => ['setup.harness.slot', 0, 'setup.harness.slot: must be a whole number from 1 to 1000'];
        yield 'slot 1,001' => ['setup.harness.slot', 1001, 'setup.harness.slot: must be a whole number from 1 to 1000'];
        yield 'crotch strap in slot 0' => ['setup.harness.crotch.slot', 0, 'setup.harness.crotch.slot: must be a whole number from 1 to 100'];
        yield 'crotch strap in slot 101' => ['setup.harness.crotch.slot', 101, 'setup.harness.crotch.slot: must be a whole number from 1 to 100'];
        yield 'twenty-one noodles' => ['setup.wedge_count', 21, 'setup.wedge_count: must be a whole number from 0 to 20'];
        yield 'five prongs' => ['setup.clip_prongs', 5, 'setup.clip_prongs: must be a whole number from 0 to 4'];
        yield 'the year 2151' => ['seat.use_until', '2151', 'seat.use_until: must lie in the years 1950 to 2150'];
        yield 'a text of 2,001' => ['seat.serial', str_repeat('é', 2001), 'seat.serial: must hold 1 to 2,000 characters'];
        yield 'a list of 1,001' => ['seat.remedied', array_fill(0, 1001, 'R'), 'seat.remedied: must hold at most 1000 entries'];
        yield 'due in 301 days' => ['child', ['due_on' => '2027-08-07'], 'child.due_on: lies more than 300 days ahead'];
        yield 'a blank in a list' => ['seat.history.damage', [' '], 'seat.history.damage.0: must hold 1 to 2,000 characters'];
        yield 'a campaign without a maker' => ['recall_list.campaigns', [['id' => 'R']], 'recall_list.campaigns.0.maker: is required'];
        yield 'a blank campaign number' => ['recall_list.campaigns', [['id' => ' ', 'maker' => 'X']], 'recall_list.campaigns.0.id: must not be blank'];
        yield 'a limit beyond the scale' => ['seat.modes.rear_harness.weight_max', ['value' => 300.1, 'unit' => 'kg'], 'seat.modes.rear_harness.weight_max.value: must be 0 to 300 kg'];
        yield 'a weight limit without a unit' => ['seat.modes.rear_harness.weight_max', ['value' => 40], 'seat.modes.rear_harness.weight_max.unit: must be one of kg, g, lb, oz'];
        yield 'a weight limit as a bare number' => ['seat.modes.rear_harness.weight_max', 40, 'seat.modes.rear_harness.weight_max: must be an object'];
        yield 'an age limit as text' => ['seat.modes.rear_harness.age_min_months', '6', 'seat.modes.rear_harness.age_min_months: must be an object'];
        yield 'an age limit of parts of a month' => ['seat.modes.rear_harness.age_min_months', ['value' => 4.5, 'unit' => 'months'], 'seat.modes.rear_harness.age_min_months.value: must be a whole number from 0 to 300'];
        yield 'an age limit below nought' => ['seat.modes.rear_harness.age_min_months', ['value' => -1, 'unit' => 'months'], 'seat.modes.rear_harness.age_min_months.value: must be a whole number from 0 to 300'];
        yield 'an age limit of 301 months' => ['seat.modes.rear_harness.age_min_months', ['value' => 301, 'unit' => 'months'], 'seat.modes.rear_harness.age_min_months.value: must be a whole number from 0 to 300'];
        yield 'a negative limit' => ['seat.movement_max', ['value' => -1, 'unit' => 'mm'], 'seat.movement_max.value: must be 0 to 5000 mm'];
    }

    #[DataProvider('beyond')]
    public function testRefusesWhatIsBeyond(string $path, mixed $value, string $complaint): void
    {
        $this->expectExceptionMessage($complaint);
        $this->expectException(InvalidCase::class);
        Cases::read(Cases::REAR, [$path => $value]);
    }

    /** @return iterable<string, array{string, string}> text, the whole complaint */
    public static function brokenTexts(): iterable
    {
        yield 'nothing' => ['', '(file): is not JSON: syntax error'];
        yield 'a list' => ['[]', '(file): must be a JSON object'];
        yield 'cut off' => ['{"format": "mint', '(file): is not JSON: control character error, possibly incorrectly encoded'];
        yield 'another encoding' => ["{\"a\": \"\xe9\"}", '(file): is not JSON: malformed UTF-8 characters, possibly incorrectly encoded'];
        yield 'a key twice' => ['{"child": {"weight": 1, "height": 2, "weight": 3}}', 'child.weight: is given more than once'];
        yield 'a key twice, once escaped' => ['{"a": [{"b": 1}, {"b": 1, "\u0062": 2}]}', 'a.1.b: is given more than once'];
        yield 'too deep' => [str_repeat('[', 40) . str_repeat(']', 40), '(file): is not JSON: maximum stack depth exceeded'];
        yield 'one too deep' => [str_repeat('[', 33) . str_repeat(']', 33), '(file): is not JSON: maximum stack depth exceeded'];
        yield 'as deep as may be' => [str_repeat('[', 32) . str_repeat(']', 32), '(file): must be a JSON object'];
        yield 'as large as may be' => [str_pad('[]', 1_048_576), '(file): must be a JSON object'];
        yield 'one byte too large' => [str_pad('[]', 1_048_577), '(file): is larger than 1 MiB'];
        yield 'as deep as may be, beside a long number' => [str_repeat('[', 32) . '1.00000000000000000001' . str_repeat(']', 32), '(file): must be a JSON object'];
        yield 'a key twice in the second of a list' => ['{"a": [[1, 2], {"b": 1}, [3], {"c": [0, 1, 2], "c": 2}]}', 'a.3.c: is given more than once'];
        yield 'too large' => ['{"a": "' . str_repeat('x', JsonText::MAX_BYTES) . '"}', '(file): is larger than 1 MiB'];
    }

    #[DataProvider('brokenTexts')]
    public function testRefusesText(string $text, string $complaint): void
    {
        $this->expectExceptionMessage($complaint);
        $this->expectException(InvalidCase::class);
        Reader::read($text);
    }

    public function testANumberHasFortyDigitsAtMost(): void
    {
        $long = static fn(int $digits): object => (object) [ExactNumber::KEY => str_pad('1.', $digits, '1')];

        self::assertSame(str_pad('1.', 40, '1'), (string) ExactNumber::from($long(40)));
        foreach ([$long(41), (object) ['value' => '1'], (object) [ExactNumber::KEY => 'one'], '1', true, [], NAN] as $none) {
            self::assertNull(ExactNumber::from($none));
        }
    }

    public function testReclineSettingsReachAHundred(): void
    {
        $rows = static fn(int $setting): array => ['seat.modes.rear_harness.recline' => [['settings' => [0, $setting]]]];

        self::assertSame([0, 100], Cases::read(Cases::REAR, $rows(100))->seat?->modes['rear_harness']->recline[0]->settings ?? null);
        $this->expectException(InvalidCase::class);
        Cases::read(Cases::REAR, $rows(101));
    }

    public function testARecallListHoldsTenThousandCampaigns(): void
    {
        $campaigns = static fn(int $count): array => ['recall_list.campaigns' => array_map(static fn(int $n): array => ['id' => "R-{$n}", 'maker' => 'Ottermoor'], range(1, $count))];

        self::assertCount(10_000, Cases::read(Cases::REAR, $campaigns(10_000))->recallList->campaigns ?? []);
        $this->expectExceptionMessage('recall_list.campaigns');
        $this->expectException(InvalidCase::class);
        Cases::read(Cases::REAR, $campaigns(10_001));
    }

    public function testNamesEveryProblemAtOnce(): void
    {
        try {
            Cases::read(Cases::REAR, ['child.weight' => 3, 'setup.twisted' => 'x', 'seat.colour' => 1]);
            self::fail('not refused');
        } catch (InvalidCase $e) {
            self::assertSame(['child.weight', 'seat.colour', 'setup.twisted'], array_map(static fn(Problem $p): string => $p->path, $e->problems));
        }
    }

    public function testLosesNoDigit(): void
    {
        $json = json_encode(Cases::json(Cases::REAR, ['setup.movement.side' => Cases::q(7777, 'mm')]), JSON_THROW_ON_ERROR);
        $side = Reader::read(str_replace('7777', '25.40000000000000000001', $json))->setup?->movement->side;

        self::assertSame('25.40000000000000000001', (string) $side?->value);
        self::assertTrue($side?->isMoreThan(Length::of('25.4')));
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function wholeCases(): iterable
    {
        foreach (Cases::GOOD as $name) {
            yield $name => [$name, []];
        }
        yield 'limits with conditions' => [Cases::REAR, [
            'seat.modes.rear_harness.weight_max' => [['value' => 40, 'unit' => 'lb', 'below' => true], ['value' => 30, 'unit' => 'lb', 'made_from' => '2022-01-01', 'made_to' => '2024-01-01', 'held_by' => 'lower_anchors']],
            'seat.modes.rear_harness.age_min_months' => [['value' => 6, 'held_by' => 'belt']],
            'setup.buckle_turns' => 1.5, 'child.born_on' => null, 'child.due_on' => '2026-12-24', 'recall_list.campaigns' => null,
        ]];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('wholeCases')]
    public function testReadsBackWhatItWrites(string $name, array $changes): void
    {
        $case = Cases::read($name, $changes);
        $written = Writer::write($case);

        self::assertEquals($case, Reader::read($written));
        self::assertSame($written, Writer::write(Reader::read($written)));
    }

    public function testHowALimitIsWritten(): void
    {
        $written = static fn(string $key, mixed $limit): mixed => CasePath::get(JsonText::decode(Writer::write(Cases::read(Cases::REAR, ["seat.modes.rear_harness.{$key}" => $limit]))), "seat.modes.rear_harness.{$key}");

        foreach ([
            ['age_min_months', 6, '6'],
            ['age_min_months', [['value' => 6]], '6'],
            ['age_min_months', [['value' => 6, 'held_by' => 'belt']], '[{"value":6,"held_by":"belt"}]'],
            ['age_min_months', [['value' => 6], ['value' => 9, 'held_by' => 'belt']], '[{"value":6},{"value":9,"held_by":"belt"}]'],
            ['weight_max', Cases::q(40, 'lb'), '{"value":40,"unit":"lb"}'],
            ['weight_max', [['value' => 40, 'unit' => 'lb', 'below' => true]], '{"value":40,"unit":"lb","below":true}'],
            ['weight_max', [Cases::q(40, 'lb'), ['value' => 30, 'unit' => 'lb', 'made_from' => '2024-01-01']], '[{"value":40,"unit":"lb"},{"value":30,"unit":"lb","made_from":"2024-01-01"}]'],
        ] as [$key, $limit, $expected]) {
            self::assertSame($expected, json_encode($written($key, $limit)), "{$key}: {$expected}");
        }
    }

    /** A thousand broken files: each refused with a path, none crashes. Seeded, so that a failure can be repeated. */
    #[Group('slow')]
    public function testSurvivesBrokenFiles(): void
    {
        $random = new Randomizer(new Mt19937(20261010));
        $good = json_encode(Cases::json(Cases::REAR), JSON_THROW_ON_ERROR);
        $paths = self::paths(Cases::json(Cases::REAR));
        $wrong = ['x', -1, 1e300, [[]], ['value' => 'x'], true, ['a' => ['b' => []]], "\u{202e}", 99_999_999_999];
        $refused = 0;
        for ($i = 0; $i < 1000; $i++) {
            $case = Cases::json(Cases::REAR);
            $path = $paths[$random->getInt(0, count($paths) - 1)];
            CasePath::set($case, $path, json_decode(json_encode($wrong[$i % count($wrong)], JSON_THROW_ON_ERROR)));
            $text = $i % 3 === 0 ? substr($good, 0, $random->getInt(0, strlen($good) - 1)) : json_encode($case, JSON_THROW_ON_ERROR);
            try {
                Reader::read($text);
            } catch (InvalidCase $e) {
                self::assertNotSame('', $e->problems[0]->path);
                $refused++;
            }
        }
        self::assertGreaterThan(850, $refused, 'most of them are broken beyond doubt');
    }

    /** @return list<string> */
    public static function paths(mixed $value, string $prefix = ''): array
    {
        $paths = [];
        foreach (is_object($value) || is_array($value) ? (array) $value : [] as $key => $child) {
            $path = $prefix === '' ? (string) $key : "{$prefix}.{$key}";
            array_push($paths, $path, ...self::paths($child, $path));
        }

        return $paths;
    }
}
