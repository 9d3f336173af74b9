<?php

declare(strict_types=1);

/**
 * A thousand broken files of every sort: that each is refused with a path, and the longest that any of them took.
 *
 * Truncated, wrong types, huge numbers, deep nesting, wrong encodings, repeated keys, stray keys. Seeded: every run tries the same.
 */

use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__ . '/../vendor/autoload.php';

$whole = json_decode((string) file_get_contents(__DIR__ . '/../tests/Golden/cases/rear-good.json'), false, 64, JSON_THROW_ON_ERROR);
$good = json_encode($whole->case, JSON_THROW_ON_ERROR);
$random = new Randomizer(new Mt19937(49));
$breaks = [
    'truncated' => static fn(int $i): string => substr($good, 0, $random->getInt(1, strlen($good) - 2)),
    'wrong type' => static fn(int $i): string => (string) preg_replace(
        '/"(taken|twisted|used|buckled|side_facing|label_readable)":(true|false)/',
        '"$1":"$2"',
        $good,
    ),
    'huge number' => static fn(int $i): string => str_replace(
        '"life_years":7',
        '"life_years":7' . str_repeat('0', $random->getInt(4, 4000)),
        $good,
    ),
    'huge exponent' => static fn(int $i): string => str_replace('"value":21,', '"value":2e' . $random->getInt(4, 100_000_000) . ',', $good),
    'deep' => static fn(int $i): string => str_replace(
        '"law":{',
        '"law":{"x":' . str_repeat('[', $n = $random->getInt(31, 5000)) . str_repeat(']', $n) . ',',
        $good,
    ),
    'encoding' => static fn(int $i): string => str_replace('Ottermoor', "Otter\xff\xfe{$i}", $good),
    'UTF-16' => static fn(int $i): string => mb_convert_encoding(substr($good, 0, 200 + $i), 'UTF-16', 'UTF-8'),
    'repeated key' => static fn(int $i): string => str_replace('"serial":', '"serial":"x","serial":', $good),
    'stray key' => static fn(int $i): string => str_replace('"twisted":', '"key' . $i . '":null,"twisted":', $good),
    'large' => static fn(int $i): string => str_replace('"A100200"', '"' . str_repeat('A', 1_100_000) . '"', $good),
    'long list' => static fn(int $i): string => str_replace(
        '"remedied":[]',
        '"remedied":[' . implode(',', array_fill(0, 1001 + $i, '"R"')) . ']',
        $good,
    ),
];
$names = array_keys($breaks);
$refused = 0;
$longest = 0.0;
$which = '';
for ($i = 0; $i < 1000; $i++) {
    $name = $names[$i % count($names)];
    $text = $breaks[$name]($i);
    $start = hrtime(true);
    try {
        Reader::read($text);
        fwrite(STDERR, "not refused: {$name}\n");
    } catch (InvalidCase $e) {
        $refused += $e->problems[0]->path === '' ? 0 : 1;
    }
    $took = (hrtime(true) - $start) / 1e6;
    [$longest, $which] = $took > $longest ? [$took, $name] : [$longest, $which];
}
printf("bench: refused %d of_1000\n", $refused);
printf("bench: refuse_longest %.1f ms\n", $longest);
fwrite(STDERR, "the longest was: {$which}\n");
exit($refused === 1000 ? 0 : 1);
