<?php

/**
 * Assessing one full case in process, and as a ratio to json_decode of the same file.
 *
 * "Reading" is text to CaseFile, "assessing" CaseFile to verdict, findings and questions, "computing" the dates, fits, card and forecasts
 * beside them; the ratio is of assessing. Medians of rounds in one run.
 */

declare(strict_types=1);

use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Computed;
use MintBuckle\Core\Rulebook;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/../bin/lib/median.php';

$file = json_decode(
    (string) file_get_contents(__DIR__ . '/../tests/Golden/cases/rear-loose-and-high.json'),
    false,
    64,
    JSON_THROW_ON_ERROR,
);
$json = json_encode($file->case, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR);
$rulebook = Rulebook::current();
$case = Reader::read($json);

[$decode, $assess, $computed, $read] = mediansInTurn(
    static fn() => json_decode($json, false, 64, JSON_THROW_ON_ERROR),
    static fn() => Assessor::assess($case, $rulebook),
    static fn() => Computed::of(Assessor::assess($case, $rulebook)->situation),
    static fn() => Reader::read($json),
);

printf("bench: assess_us %.0f us\n", $assess);
printf("bench: assess_vs_json_decode %.1f x\n", $assess / $decode);
printf("bench: compute_us %.0f us\n", $computed - $assess);
printf("bench: read_us %.0f us\n", $read);
printf("bench: read_and_assess_vs_json_decode %.1f x\n", ($read + $assess) / $decode);
