<?php

declare(strict_types=1);

use Tests\Told;
/**
 * Ten thousand case files through one process of buckle:assess --lines: cases a second, and how much memory grows on the way.
 */

use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Present\Words\AssessmentWriter;
use MintBuckle\Core\Rulebook;

require __DIR__ . '/../vendor/autoload.php';

$lines = array_map(static function (string $file): string {
    $whole = json_decode((string) file_get_contents($file), false, 64, JSON_THROW_ON_ERROR);

    return json_encode($whole->case, JSON_THROW_ON_ERROR);
}, glob(__DIR__ . '/../tests/Golden/cases/*.json') ?: []);
$rulebook = Rulebook::current();
$memory = [];
$start = hrtime(true);
for ($i = 0; $i < 10_000; $i++) {
    try {
        json_encode(
            AssessmentWriter::toArray(Assessor::assess(Reader::read($lines[$i % count($lines)]), $rulebook), Told::in('en')),
            JSON_THROW_ON_ERROR,
        );
    } catch (InvalidCase) {
        exit(1);
    }
    if ($i % 1000 === 999) {
        $memory[] = memory_get_usage();
    }
}
$seconds = (hrtime(true) - $start) / 1e9;
printf("bench: batch_cases %.0f per_s\n", 10_000 / $seconds);
printf("bench: batch_memory_growth %.0f bytes\n", end($memory) - $memory[0]);
printf("bench: batch_peak %.1f MB\n", memory_get_peak_usage() / 1_048_576);
