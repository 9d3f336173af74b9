<?php

/**
 * failed-browser-tests.php JUNIT: the files of the browser tests that failed, one a line; exits with 1 where anything else failed too, or
 * where the log is not there to tell.
 */

declare(strict_types=1);

$log = is_file($argv[1]) ? simplexml_load_file($argv[1]) : false;
$failed = $log === false ? [] : array_map(
    static fn(SimpleXMLElement $case): string => (string) $case['file'],
    $log->xpath('//testcase[failure or error]') ?: [],
);
$files = array_values(array_unique($failed));
$browser = array_values(array_filter($files, static fn(string $file): bool => str_contains($file, '/tests/Browser/')));
if ($files === [] || $browser !== $files) {
    exit(1);
}
echo implode("\n", $browser), "\n";
