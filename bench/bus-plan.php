<?php

/**
 * Seating twelve restrained riders on a bus of 24 benches, the largest that is planned exactly.
 *
 * Milliseconds from request to answer, medians of one run, the slowest of eight buses; and as a ratio to assessing one full case.
 */

declare(strict_types=1);

use MintBuckle\Core\Assessor;
use MintBuckle\Core\Bus\BusPlanner;
use MintBuckle\Core\Bus\BusReader;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Rulebook;
use Tests\Core\BusLaws;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/../bin/lib/median.php';

$worst = 0.0;
foreach ([3, 4, 6, 12] as $stops) {
    foreach ([1, 2] as $seed) {
        $request = BusReader::read(json_encode(BusLaws::roomy($seed, 12, 0, 12, $stops), JSON_THROW_ON_ERROR));
        $rounds = [];
        for ($round = 0; $round < 6; $round++) {
            $start = hrtime(true);
            $answer = BusPlanner::plan($request);
            $rounds[] = (hrtime(true) - $start) / 1e6;
        }
        $answer->isExact || throw new RuntimeException('not exact');
        sort($rounds);
        $worst = max($worst, $rounds[2]);
    }
}
printf("bench: bus-plan %.0f ms\n", $worst);
$path = __DIR__ . '/../tests/Golden/cases/rear-loose-and-high.json';
$file = json_decode((string) file_get_contents($path), false, 64, JSON_THROW_ON_ERROR);
$case = Reader::fromObject($file->case);
$rulebook = Rulebook::current();
$assess = medianMicroseconds(static fn() => Assessor::assess($case, $rulebook));
printf("bench: bus-plan_vs_assess %.0f x\n", $worst * 1000 / $assess);
