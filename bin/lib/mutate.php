<?php

/**
 * Breaks the core on purpose, one place at a time, and sees whether the tests notice: every comparison operator and every number
 * that is not a printed table. Prints the survivors and the share that was noticed. Works on a copy; changes nothing here.
 *
 * php bin/lib/mutate.php [worker] [workers] [how many, spread evenly over the core; all without it]
 */

declare(strict_types=1);

[$worker, $workers, $most] = [(int) ($argv[1] ?? 0), (int) ($argv[2] ?? 1), (int) ($argv[3] ?? 0)];
$root = dirname(__DIR__, 2);
$copy = sys_get_temp_dir() . "/mint-buckle-mutants-" . getmypid();
exec('rm -rf ' . escapeshellarg($copy) . ' && mkdir ' . escapeshellarg($copy));
foreach (['core', 'tests', 'database'] as $part) {
    exec('cp -r ' . escapeshellarg("{$root}/{$part}") . ' ' . escapeshellarg("{$copy}/{$part}"));
}
// What needs neither framework nor database.
file_put_contents("{$copy}/mutants.xml", <<<'XML'
<?xml version="1.0" encoding="UTF-8"?>
<phpunit bootstrap="autoload.php" failOnWarning="true" failOnNotice="true"><testsuites><testsuite name="core">
    <directory>tests/Core</directory><directory>tests/Golden</directory>
    <file>tests/Published/GrowthTest.php</file><file>tests/Published/CombinedWeightTest.php</file>
</testsuite></testsuites></phpunit>
XML);
file_put_contents("{$copy}/autoload.php", <<<'PHP'
<?php
spl_autoload_register(static function (string $class): void {
    foreach (['MintBuckle\\Core\\' => 'core/', 'Tests\\' => 'tests/'] as $prefix => $folder) {
        if (str_starts_with($class, $prefix) && is_file($file = __DIR__ . '/' . $folder . strtr(substr($class, strlen($prefix)), '\\', '/') . '.php')) {
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
        if ($token->is([T_LNUMBER, T_DNUMBER]) && ! preg_match('~/(Drawing|Quantity)/~', $path)) {
            $to = $token->is(T_LNUMBER) ? (string) ((int) str_replace('_', '', $token->text) + 1) : (string) ((float) $token->text * 1.05);
        }
        if ($to !== null) {
            $mutants[] = [$path, $i, $token->line, $token->text, $to];
        }
    }
}
if ($most > 0 && $most < count($mutants)) {
    $mutants = array_map(static fn(int $n): array => $mutants[intdiv($n * count($mutants), $most)], range(0, $most - 1));
}

/** Exit status of the core's tests in a copy: 0 when nothing was noticed. What noticed something before and what is quick runs first. */
function runTests(string $copy, string $root, string $which): int
{
    exec('cd ' . escapeshellarg($copy) . ' && LAW_CASES=400 timeout 120 php -d pcov.enabled=0 -d memory_limit=512M ' . escapeshellarg("{$root}/vendor/bin/phpunit") . " --configuration mutants.xml --no-coverage --stop-on-defect --cache-result --cache-directory cache --order-by=defects,duration {$which} > /dev/null 2>&1", $output, $status);

    return $status;
}

if (runTests($copy, $root, '--exclude-group slow') !== 0) {
    fwrite(STDERR, "The tests fail before anything is broken: nothing can be told.\n");
    exit(1);
}
$noticed = 0;
$tried = 0;
$survivors = [];
foreach ($mutants as $n => [$path, $i, $line, $from, $to]) {
    if ($n % $workers !== $worker) {
        continue;
    }
    $original = (string) file_get_contents($path);
    $tokens = PhpToken::tokenize($original);
    $tokens[$i]->text = $to;
    file_put_contents($path, implode('', array_map(static fn(PhpToken $t): string => $t->text, $tokens)));
    // The quick tests first; only what they let pass meets the slow ones.
    $run = static fn(string $which): int => runTests($copy, $root, $which);
    $status = $run('--exclude-group slow') !== 0 ? 1 : $run('--group slow');
    file_put_contents($path, $original);
    $tried++;
    $noticed += $status === 0 ? 0 : 1;
    if ($status === 0) {
        $survivors[] = substr($path, strlen($copy) + 1) . ":{$line}: {$from} became {$to}";
        echo 'survived: ', end($survivors), "\n";
    }
}
printf("mutation: %d of %d noticed (%.1f %%), worker %d of %d\n", $noticed, $tried, 100 * $noticed / max(1, $tried), $worker + 1, $workers);
exec('rm -rf ' . escapeshellarg($copy));
