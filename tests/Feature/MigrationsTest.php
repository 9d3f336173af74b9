<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Exception\ProcessFailedException;
use Tests\TestDatabase;

/** Every migration goes up, down and up on filled tables without loss, or refuses to go down and changes nothing. */
final class MigrationsTest extends TestCase
{
    /** What may be lost: who is signed in, and work that had ended or is begun again. */
    private const PASSING = ['sessions', 'migrations', 'failed_jobs'];

    /** @return iterable<string, array{bool, int}> the demo, or what an organisation begins with; how many can be undone at least */
    public static function filled(): iterable
    {
        yield 'the demo' => [true, 0];
        yield 'what an organisation begins with' => [false, 5];
    }

    #[DataProvider('filled')]
    public function testNothingKeptIsLostOnTheWayBack(bool $demo, int $least): void
    {
        $filled = $demo ? TestDatabase::copy('migrations') : TestDatabase::bare('begun');
        $demo || TestDatabase::run($filled, PHP_BINARY, 'artisan', 'db:seed', '--class=EmptySeeder', '--force', '-q');
        $before = self::counts($filled);
        self::assertGreaterThan($demo ? 200 : -1, $before['facts'] ?? 0);
        $done = self::done($filled);
        $refused = false;
        for ($steps = 0; $steps < count($done) && ! $refused; $steps++) {
            try {
                TestDatabase::run($filled, PHP_BINARY, 'artisan', 'migrate:rollback', '--step=1', '--database=owner', '--force');
            } catch (ProcessFailedException $e) {
                self::assertStringContainsString('Going back would lose what is kept', $e->getProcess()->getOutput() . $e->getProcess()->getErrorOutput());
                $refused = true;
            }
        }
        TestDatabase::run($filled, PHP_BINARY, 'artisan', 'migrate', '--database=owner', '--force');
        self::assertSame([$before, $done], [self::counts($filled), self::done($filled)], 'all the way back that there is, and forward');
        self::assertTrue($refused, 'what the demo has filled is not undone');
        self::assertGreaterThan($least, $steps);
    }

    public function testAnEmptyInstallationGoesAllTheWayDownAndUp(): void
    {
        $empty = TestDatabase::bare('downandup');
        $tables = array_keys(self::counts($empty));
        $done = self::done($empty);
        TestDatabase::run($empty, PHP_BINARY, 'artisan', 'migrate:rollback', '--step=' . count($done), '--database=owner', '--force');
        self::assertSame([], array_diff(array_keys(self::counts($empty)), ['migrations']));
        TestDatabase::run($empty, PHP_BINARY, 'artisan', 'migrate', '--database=owner', '--force');
        self::assertSame([$tables, $done], [array_keys(self::counts($empty)), self::done($empty)]);
    }

    /** @return list<string> */
    private static function done(string $database): array
    {
        return explode("\n", TestDatabase::sql('select migration from migrations order by id', $database));
    }

    /** @return array<string, int> rows by table */
    private static function counts(string $database): array
    {
        $counts = [];
        $tables = array_filter(explode("\n", TestDatabase::sql("select tablename from pg_tables where schemaname = 'public' order by 1", $database)));
        $each = array_map(static fn(string $table): string => "select '{$table}', count(*) from {$table}", array_diff($tables, self::PASSING));
        foreach ($each === [] ? [] : explode("\n", TestDatabase::sql(implode(' union all ', $each), $database)) as $line) {
            [$table, $count] = explode('|', $line);
            $counts[$table] = (int) $count;
        }

        return $counts;
    }
}
