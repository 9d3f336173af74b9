<?php

declare(strict_types=1);

namespace Tests;

use Symfony\Component\Process\Process;

/**
 * Databases of one run of the tests: each a copy of the demo, which is seeded once a run. Runs share nothing: every name carries the
 * run's number, TEST_RUN where bin/test gave one, else that of this process.
 */
final class TestDatabase
{
    /** @var list<string> made here and dropped at the end */
    private static array $made = [];

    /** Name of a fresh copy, dropped when this process ends. */
    public static function copy(string $for): string
    {
        $name = self::name($for);
        self::drop($name);
        self::sql("create database {$name} template " . self::demo());
        self::dropAtTheEnd($name);

        return $name;
    }

    /** Name of one with tables and nothing in them, dropped when this process ends. */
    public static function bare(string $for): string
    {
        $name = self::name($for);
        self::drop($name);
        self::sql("create database {$name}");
        self::dropAtTheEnd($name);
        self::run($name, PHP_BINARY, 'artisan', 'migrate', '--database=owner', '--force', '-q');
        self::run($name, 'sh', 'bin/lib/pg.sh', 'grant', $name);

        return $name;
    }

    /** What bin/start remembers of the development's settings holds for no other database. */
    private const NOTHING_REMEMBERED = [
        'APP_CONFIG_CACHE' => 'bootstrap/cache/testing-config.php', 'APP_ROUTES_CACHE' => 'bootstrap/cache/testing-routes.php',
    ];

    /** From here on this process works on a fresh copy of the demo. */
    public static function use(string $for): void
    {
        foreach (['DB_DATABASE' => self::copy($for)] + self::NOTHING_REMEMBERED as $name => $value) {
            $_ENV[$name] = $_SERVER[$name] = $value;
        }
    }

    /** Runs a command of the application on a database; what it prints. */
    public static function run(string $database, string ...$command): string
    {
        $env = ['APP_ENV' => 'testing', 'DB_DATABASE' => $database, 'DB_PERSISTENT' => 'false', 'CACHE_STORE' => 'array', 'BCRYPT_ROUNDS' => '4'] + self::NOTHING_REMEMBERED;

        return trim((new Process($command, dirname(__DIR__), $env))->mustRun()->getOutput());
    }

    public static function drop(string $name): void
    {
        self::sql("drop database if exists {$name} with (force)");
    }

    /** What a statement prints, a line a row. */
    public static function sql(string $sql, string $database = 'postgres'): string
    {
        return trim((new Process(['sh', 'bin/lib/pg.sh', 'psql', '-d', $database, '-Atqc', $sql], dirname(__DIR__)))->mustRun()->getOutput());
    }

    private static function demo(): string
    {
        $name = self::name('demo');
        $lock = fopen(self::lockFile($name), 'c');
        assert($lock !== false);
        flock($lock, LOCK_EX);
        if (self::sql("select count(*) from pg_database where datname = '{$name}'") === '0') {
            self::drop("{$name}_raw");
            self::sql("create database {$name}_raw");
            self::run("{$name}_raw", PHP_BINARY, 'artisan', 'migrate', '--database=owner', '--force', '-q');
            self::run("{$name}_raw", 'sh', 'bin/lib/pg.sh', 'grant', "{$name}_raw");
            self::run("{$name}_raw", PHP_BINARY, 'artisan', 'db:seed', '--force', '-q');
            self::sql("alter database {$name}_raw rename to {$name}");
            if (getenv('TEST_RUN') === false) {
                self::dropAtTheEnd($name);
            }
        }
        fclose($lock);
        // Whoever still waits for it finds the demo there.
        @unlink(self::lockFile($name));

        return $name;
    }

    private static function lockFile(string $name): string
    {
        return sys_get_temp_dir() . "/{$name}.lock";
    }

    private static function name(string $for): string
    {
        return 'mintbuckle_' . (getenv('TEST_RUN') ?: (string) getmypid()) . '_' . strtolower($for);
    }

    private static function dropAtTheEnd(string $name): void
    {
        if (self::$made === []) {
            $owner = getmypid();
            register_shutdown_function(static function () use ($owner): void {
                if (getmypid() === $owner) {
                    array_map(self::drop(...), self::$made);
                }
            });
        }
        self::$made[] = $name;
    }
}
