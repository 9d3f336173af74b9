<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\TestDatabase;

/** Families that leave in the same moment: nobody waits for each other for ever, and every seat is counted once. */
final class LeaveAtOnceTest extends TestCase
{
    private const SUMS = 'SELECT md5(string_agg(concat_ws(\'|\', scope, kind, measure, "of", n), \';\' ORDER BY scope, kind, measure, "of")) FROM roll_ups';

    /** Sends off the visits named on its command line, as fast as it can. */
    private const LEAVE = <<<'PHP'
        require 'vendor/autoload.php';
        $app = require 'bootstrap/app.php';
        $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
        resolve(App\Organisations\CurrentOrganisation::class)->enter(App\Organisations\Door::Only);
        [$wren, $odalys] = array_map(static fn(string $login) => App\Models\User::query()->where('login', $login)->firstOrFail(), ['wren', 'odalys']);
        // All of them begin together.
        time_sleep_until((float) $argv[1]);
        foreach (array_slice($argv, 2) as $id) {
            resolve(App\Visits\CompleteVisit::class)(App\Models\Visit::query()->findOrFail((int) $id), $wren, null, 'comes_back', $odalys);
        }
        PHP;

    public function testEverySeatIsCountedOnce(): void
    {
        $database = TestDatabase::copy('leaving');
        $visits = explode("\n", TestDatabase::sql('SELECT id FROM visits WHERE left_at IS NULL ORDER BY id', $database));
        self::assertGreaterThan(8, count($visits));
        $env = ['APP_ENV' => 'testing', 'DB_DATABASE' => $database, 'DB_PERSISTENT' => 'false', 'CACHE_STORE' => 'array', 'APP_CONFIG_CACHE' => 'bootstrap/cache/testing-config.php'];
        // Each visit is sent off by two, in opposite orders: only one of them counts.
        $orders = [$visits, array_reverse($visits), [...array_slice($visits, 5), ...array_slice($visits, 0, 5)]];
        $start = sprintf('%.1f', microtime(true) + 2.5);
        $leaving = array_map(static fn(array $ids): Process => new Process([PHP_BINARY, '-r', self::LEAVE, '--', $start, ...$ids], dirname(__DIR__, 2), $env, timeout: 120), $orders);
        array_walk($leaving, static fn(Process $one) => $one->start());
        foreach ($leaving as $one) {
            $one->wait();
            self::assertSame([0, ''], [$one->getExitCode(), trim($one->getOutput())], $one->getErrorOutput());
        }
        self::assertSame('0', TestDatabase::sql('SELECT count(*) FROM visits WHERE left_at IS NULL', $database));
        self::assertSame(
            TestDatabase::sql('SELECT count(*) FROM checks WHERE signed_at IS NOT NULL', $database),
            TestDatabase::sql("SELECT sum(n) FROM roll_ups WHERE scope = 'ever:' AND kind = '' AND measure = 'left'", $database),
        );
        $kept = TestDatabase::sql(self::SUMS, $database);
        TestDatabase::run($database, PHP_BINARY, 'artisan', 'buckle:roll-up');
        self::assertSame($kept, TestDatabase::sql(self::SUMS, $database));
    }
}
