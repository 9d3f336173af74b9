<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\BusLaws;
use Tests\Core\SeatingTest;

/** The command line as others call it: a process of its own, without a database. */
final class AssessCommandTest extends TestCase
{
    public function testAFile(): void
    {
        [$code, $out, $err] = self::run_(['tests/Golden/cases/rear-good.json'], null);
        self::assertSame(2, $code);
        self::assertSame('', $out);
        self::assertStringContainsString('case: is not a key of this format', $err);

        [$code, $out, $err] = self::run_(['-'], self::case('rear-good'));
        self::assertSame([0, ''], [$code, $err]);
        $answer = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);
        self::assertSame(['mint-buckle/assessment', 1, '2026.1', 'good_to_ride', []], [$answer['format'], $answer['version'], $answer['rulebook'], $answer['verdict'], $answer['findings']]);
    }

    public function testHowLongFamiliesWait(): void
    {
        [$code, $out, $err] = self::run_(['--arrivals=12', '--minutes=30', '--technicians=8'], null, 'buckle:capacity');
        self::assertSame([0, ''], [$code, $err]);
        self::assertSame(['offered' => 6.0, 'wait_probability' => 0.356981, 'mean_wait_minutes' => 5.354716, 'p90_wait_minutes' => 19.087689, 'technicians_for_10_minutes' => 8], json_decode($out, true));
        [, $out] = self::run_(['--arrivals=12', '--minutes=30', '--technicians=6', '--simulate=7'], null, 'buckle:capacity');
        self::assertSame(['offered' => 6.0, 'wait_probability' => null, 'mean_wait_minutes' => null, 'p90_wait_minutes' => null, 'technicians_for_10_minutes' => 8, 'simulated' => ['seed' => 7, 'wait_probability' => null, 'mean_wait_minutes' => null, 'p90_wait_minutes' => null]], json_decode($out, true));
        [$code, $out] = self::run_(['--arrivals=6', '--minutes=20', '--technicians=3', '--simulate=7'], null, 'buckle:capacity');
        $played = json_decode($out, true, 8, JSON_THROW_ON_ERROR);
        self::assertIsArray($played);
        self::assertIsArray($played['simulated']);
        self::assertIsArray($played['simulated']['mean_wait_minutes']);
        self::assertLessThan(8.89, $played['simulated']['mean_wait_minutes']['low']);
        self::assertGreaterThan(8.89, $played['simulated']['mean_wait_minutes']['high']);
        self::assertSame($out, self::run_(['--arrivals=6', '--minutes=20', '--technicians=3', '--simulate=7'], null, 'buckle:capacity')[1]);
        self::assertSame([2, '', "--arrivals: must be a number, none or more\n--minutes: must be a number above none\n--technicians: must be a whole number, 1 to 1000\n"], self::run_(['--arrivals=-1', '--minutes=x'], null, 'buckle:capacity'));
        self::assertSame([2, '', "--arrivals: times --minutes is more than 500 seats at once\n"], self::run_(['--arrivals=5000', '--minutes=60', '--technicians=9'], null, 'buckle:capacity'));
    }

    public function testADrill(): void
    {
        [$code, $out, $err] = self::run_(['--seed=12', '--level=3'], null, 'buckle:drill');
        self::assertSame([0, ''], [$code, $err]);
        $drill = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertIsArray($drill);
        self::assertSame(['case', 'good', 'faults', 'weights'], array_keys($drill));
        self::assertIsArray($drill['faults']);
        self::assertCount(3, $drill['faults']);
        self::assertSame($out, self::run_(['--seed=12', '--level=3'], null, 'buckle:drill')[1]);
        self::assertNotSame($out, self::run_(['--seed=13', '--level=3'], null, 'buckle:drill')[1]);
        self::assertSame([2, '', "--level: must be 1 to 4\n"], self::run_(['--seed=12', '--level=5'], null, 'buckle:drill'));
        self::assertSame([2, '', "--seed: must be a whole number\n"], self::run_(['--seed=x'], null, 'buckle:drill'));
    }

    public function testNoFile(): void
    {
        self::assertSame([2, '', "(file): cannot be read: /no/such/file\n"], self::run_(['/no/such/file'], null));
        self::assertSame(2, self::run_(['tests'], null)[0]);
    }

    public function testEveryErrorOnALineOfItsOwn(): void
    {
        [$code, , $err] = self::run_(['-'], '{"format": "x", "version": 1, "today": "2026-13-01", "practice": "us", "child": {"weight": {"value": -1, "unit": "kg"}}}');
        self::assertSame([2, ['format: must be mint-buckle/case', 'today: must be a day of the calendar, which has no 2026-13-1', 'child.weight: must be 0 kg to 200 kg', '']], [$code, explode("\n", $err)]);
    }

    public function testLines(): void
    {
        [$code, $out] = self::run_(['--lines', '-'], self::case('rear-good') . "\n\n{\n" . self::case('expired') . "\n\"\xff\"");
        $answers = array_map(static fn(string $line): mixed => json_decode($line, true, 64, JSON_THROW_ON_ERROR), explode("\n", trim($out)));

        self::assertSame(0, $code);
        self::assertSame(['good_to_ride', null, null, 'do_not_use', null], array_map(static fn(mixed $a): mixed => is_array($a) ? $a['verdict'] ?? null : 'x', $answers));
        self::assertSame(['errors' => [['path' => '(file)', 'message' => 'is not JSON: syntax error']]], $answers[1]);
    }

    public function testABusIsSeatedWithoutADatabase(): void
    {
        $bus = BusLaws::roomy(1, 4, 2, 4, 2);
        [$code, $out, $err] = self::run_(['-'], json_encode($bus, JSON_THROW_ON_ERROR), 'buckle:bus-plan');
        self::assertSame([0, ''], [$code, $err]);
        $answer = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame([1, 1, 'R', 'belt'], array_map(static fn(string $key): mixed => data_get($answer, "plans.0.places.rider 0.{$key}"), ['row', 'place', 'system', 'held_by']));
        self::assertSame([true, null], [data_get($answer, 'exact'), data_get($answer, 'impossible', 'none')]);
        self::assertStringContainsString('hacia atrás', self::run_(['-', '--lang=es'], json_encode($bus, JSON_THROW_ON_ERROR), 'buckle:bus-plan')[1]);
        self::assertSame([2, '', "today: is required\n"], self::run_(['-'], json_encode(array_diff_key($bus, ['today' => 1]), JSON_THROW_ON_ERROR), 'buckle:bus-plan'));
    }

    public function testAFamilyIsSeatedWithoutADatabase(): void
    {
        $file = SeatingTest::file(['2L' => [], '2C' => [], '2R' => []], [SeatingTest::rider('A', 'rear_harness', 9)]);
        [$code, $out, $err] = self::run_(['-'], $file, 'buckle:seat-plan');
        self::assertSame([0, ''], [$code, $err]);
        $answer = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame('2C', data_get($answer, 'plans.0.places.A'));
        self::assertNull(data_get($answer, 'impossible', 'none'));

        self::assertSame([2, '', "riders.0.keep: needs a now_at to be kept at\n"], self::run_(['-'], str_replace('"name":"A"', '"name":"A","keep":true', $file), 'buckle:seat-plan'));
        self::assertSame(2, self::run_(['/no/such/file'], null, 'buckle:seat-plan')[0]);
    }

    private static function case(string $name): string
    {
        $file = json_decode((string) file_get_contents(dirname(__DIR__) . "/Golden/cases/{$name}.json"), false, 64, JSON_THROW_ON_ERROR);
        assert(is_object($file) && isset($file->case));

        return json_encode($file->case, JSON_THROW_ON_ERROR);
    }

    /**
     * @param list<string> $arguments
     * @return array{int|null, string, string}
     */
    private static function run_(array $arguments, ?string $input, string $command = 'buckle:assess'): array
    {
        $process = new Process([PHP_BINARY, 'artisan', $command, ...$arguments], dirname(__DIR__, 2), ['DB_PORT' => '1', 'DB_PASSWORD' => 'none'], $input);
        $process->run();

        return [$process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }
}
