<?php

/**
 * Breaks the core on purpose, one place at a time, and sees whether the tests notice: every comparison operator and every number
 * that is not a printed table. Prints the survivors and the share that was noticed. Works on a copy; changes nothing here. Where pcov
 * is loaded, the tests that run the broken line go first: a place then takes about a second.
 *
 * php bin/lib/mutate.php [worker] [workers] [how many]
 * How many: so many, spread evenly over the core, or a file of places as this prints them; all without it.
 */

declare(strict_types=1);

[$worker, $workers, $which] = [(int) ($argv[1] ?? 0), (int) ($argv[2] ?? 1), $argv[3] ?? '0'];
$root = dirname(__DIR__, 2);
$copy = sys_get_temp_dir() . "/mint-buckle-mutants-" . getmypid();
exec('rm -rf ' . escapeshellarg($copy) . ' && mkdir ' . escapeshellarg($copy));
foreach (['core', 'present', 'tests', 'database'] as $part) {
    exec('cp -r ' . escapeshellarg("{$root}/{$part}") . ' ' . escapeshellarg("{$copy}/{$part}"));
}
// What needs neither framework nor database.
file_put_contents("{$copy}/mutants.xml", <<<'XML'
<?xml version="1.0" encoding="UTF-8"?>
<phpunit bootstrap="autoload.php" failOnWarning="true" failOnNotice="true"><testsuites><testsuite name="core">
    <directory>tests/Core</directory><directory>tests/Present</directory><directory>tests/Golden</directory>
    <file>tests/Published/GrowthTest.php</file><file>tests/Published/CombinedWeightTest.php</file>
</testsuite></testsuites><source><include><directory>core</directory></include></source></phpunit>
XML);
file_put_contents("{$copy}/autoload.php", <<<'PHP'
<?php
spl_autoload_register(static function (string $class): void {
    foreach (['MintBuckle\\Core\\' => 'core/', 'MintBuckle\\Present\\' => 'present/', 'Tests\\' => 'tests/'] as $prefix => $folder) {
        $file = __DIR__ . '/' . $folder . strtr(substr($class, strlen($prefix)), '\\', '/') . '.php';
        if (str_starts_with($class, $prefix) && is_file($file)) {
            require $file;
        }
    }
}, true, true);
PHP . "\nrequire '{$root}/vendor/autoload.php';\n");

const OPERATORS = ['<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '===', '&&' => '||', '||' => '&&'];
$mutants = [];
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$copy}/core", FilesystemIterator::SKIP_DOTS)) as $file) {
    $path = $file->getPathname();
    // Printed tables are checked against their source row by row; the order of words is no judgement.
    if (preg_match('~/Growth/(Who|Cdc)|/(Catalogue|Bounds|Code|Station|Severity)\.php~', $path) === 1) {
        continue;
    }
    $tokens = PhpToken::tokenize((string) file_get_contents($path));
    foreach ($tokens as $i => $token) {
        $to = OPERATORS[$token->text] ?? null;
        if (
            $token->is([T_LNUMBER, T_DNUMBER])
            && $tokens[max(0, $i - 2)]->text !== 'strict_types'
            && ! preg_match('~/(Drawing|Quantity)/~', $path)
        ) {
            $to = $token->is(T_LNUMBER)
                ? (string) ((int) str_replace('_', '', $token->text) + 1)
                : (string) ((float) $token->text * 1.05 ?: 0.05);
        }
        if ($to !== null) {
            $mutants[] = [$path, $i, $token->line, $token->text, $to];
        }
    }
}
$place = static fn(array $mutant): string => substr($mutant[0], strlen($copy) + 1) . ":{$mutant[2]}: {$mutant[3]} became {$mutant[4]}";
$most = (int) $which;
if (is_file($which)) {
    $listed = (string) file_get_contents($which);
    $mutants = array_values(array_filter($mutants, static fn(array $mutant): bool => str_contains($listed, $place($mutant) . "\n")));
} elseif ($most > 0 && $most < count($mutants)) {
    $mutants = array_map(static fn(int $n): array => $mutants[intdiv($n * count($mutants), $most)], range(0, $most - 1));
}

/** Exit status of the core's tests in a copy: 0 when nothing was noticed. */
function runTests(string $copy, string $root, string $arguments, bool $covered = false): int
{
    exec(
        'cd ' . escapeshellarg($copy) . ' && LAW_CASES=400 timeout 240 php -d pcov.enabled=' . ($covered ? 1 : 0) . ' -d memory_limit=2G '
            . escapeshellarg("{$root}/vendor/bin/phpunit")
            . " --configuration mutants.xml --stop-on-defect --cache-result --cache-directory cache --order-by=defects,duration "
                . "{$arguments} > /dev/null 2>&1",
        $output,
        $status,
    );

    return $status;
}

/** @return array<string, array<int, list<string>>> file => line => the quick tests that run it; empty without pcov */
function coveringTests(string $copy, string $root): array
{
    if (! extension_loaded('pcov')) {
        return [];
    }
    runTests($copy, $root, '--exclude-group slow --coverage-php covered.php', true);
    require_once "{$root}/vendor/autoload.php";

    return (require "{$copy}/covered.php")->getData()->lineCoverage();
}

const QUICK = '--no-coverage --exclude-group slow';
if (runTests($copy, $root, QUICK) !== 0) {
    fwrite(STDERR, "The tests fail before anything is broken: nothing can be told.\n");
    exit(1);
}
$covering = coveringTests($copy, $root);
$cache = "{$copy}/cache/test-results";
$times = json_decode((string) file_get_contents($cache), true, 512, JSON_THROW_ON_ERROR)['times'];
$noticedBy = static function (array $mutant, string $which) use ($copy, $root, $cache, $covering, $times): bool {
    [$path, $i, $line, , $to] = $mutant;
    $original = (string) file_get_contents($path);
    $tokens = PhpToken::tokenize($original);
    $tokens[$i]->text = $to;
    file_put_contents($path, implode('', array_map(static fn(PhpToken $t): string => $t->text, $tokens)));
    // PHPUnit runs first what failed before: the tests that run the line are given to it as such.
    $tests = $covering[$path][$line] ?? [];
    file_put_contents(
        $cache,
        json_encode(['version' => 2, 'defects' => array_fill_keys($tests, 7), 'times' => $times], JSON_THROW_ON_ERROR),
    );
    $methods = array_unique(array_map(static fn(string $test): string => preg_quote(strtok($test, '#'), '/'), $tests));
    $only = $which === QUICK && $methods !== [] && count($methods) < 200
        ? ' --filter ' . escapeshellarg('/(' . implode('|', $methods) . ')/')
        : '';
    $status = runTests($copy, $root, $which . $only);
    file_put_contents($path, $original);

    return $status !== 0;
};

$mine = array_values(array_filter($mutants, static fn(int $n): bool => $n % $workers === $worker, ARRAY_FILTER_USE_KEY));
$unnoticed = [];
foreach ($mine as $mutant) {
    if (! $noticedBy($mutant, QUICK)) {
        $unnoticed[] = $mutant;
        echo 'past the quick tests: ', $place($mutant), "\n";
    }
}
$survivors = array_filter($unnoticed, static fn(array $mutant): bool => ! $noticedBy($mutant, '--no-coverage'));
foreach ($survivors as $mutant) {
    echo 'survived: ', $place($mutant), "\n";
}
printf(
    "mutation: %d of %d noticed (%.1f %%), worker %d of %d\n",
    count($mine) - count($survivors),
    count($mine),
    100 - 100 * count($survivors) / max(1, count($mine)),
    $worker + 1,
    $workers,
);
exec('rm -rf ' . escapeshellarg($copy));
