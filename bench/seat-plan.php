<?php

/**
 * Seating six riders in a car of nine places, the worst case of the planner: nothing is excluded, almost everything is, nothing fits.
 *
 * Milliseconds from request to answer, and as a ratio to assessing one full case. Medians of rounds in one run.
 */

declare(strict_types=1);

use MintBuckle\Core\Assessor;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Seating\SeatingPlanner;
use MintBuckle\Core\Seating\SeatingReader;
use Tests\Core\SeatingTest;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/../bin/lib/median.php';

$mm = static fn(int $mm): array => ['value' => $mm, 'unit' => 'mm'];
$places = static fn(int $width): array => array_fill_keys(['1L', '1C', '1R', '2L', '2C', '2R', '3L', '3C', '3R'], ['width' => $mm($width)]);
$riders = array_map(
    static fn(int $i): array => SeatingTest::rider(
        chr(65 + $i),
        ['rear_harness', 'forward_harness', 'high_back_booster'][$i % 3],
        160 + $i,
        ['held_by' => $i % 3 === 2 ? 'nothing' : null],
    ),
    range(0, 5),
);
$worst = 0.0;
$cars = [
    'all_fit' => $places(440),
    'too_wide' => $places(300),
    'impossible' => array_map(
        static fn(array $p): array => $p + [
            'retractor' => 'elr',
            'lower_anchors' => false,
            'tether_anchor' => false,
            'belt' => 'lap',
            'airbag' => true,
        ],
        $places(300),
    ),
];
foreach ($cars as $name => $car) {
    $request = SeatingReader::read(SeatingTest::file($car, $riders), CalendarDate::of(2026, 10, 10));
    $us = medianMicroseconds(static fn() => SeatingPlanner::plan($request));
    $worst = max($worst, $us);
    printf("bench: seat_plan_%s_ms %.1f ms (%d plans)\n", $name, $us / 1000, count(SeatingPlanner::plan($request)->plans));
}
$file = json_decode(
    (string) file_get_contents(__DIR__ . '/../tests/Golden/cases/rear-loose-and-high.json'),
    false,
    64,
    JSON_THROW_ON_ERROR,
);
$case = Reader::fromObject($file->case);
$rulebook = Rulebook::current();
printf("bench: seat_plan_worst_vs_assess %.1f x\n", $worst / medianMicroseconds(static fn() => Assessor::assess($case, $rulebook)));
