<?php

declare(strict_types=1);

namespace Tests\Golden;

use MintBuckle\Present\Words\AssessmentWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\BuckleRulesTest;
use Tests\Core\BusRulesTest;
use Tests\Core\Cases;
use Tests\Core\ChildRulesTest;
use Tests\Core\HandoverRulesTest;
use Tests\Core\HistoryRulesTest;
use Tests\Core\LabelRulesTest;
use Tests\Core\MeasureRulesTest;
use Tests\Core\PlaceRulesTest;
use Tests\Core\SecureRulesTest;
use Tests\Told;

/**
 * Every finding of every rule case, word for word: sentence, remedy, observed, limit, layer and sources as they were last reviewed.
 * After a wanted change: UPDATE_GOLDEN=1 vendor/bin/phpunit tests/Golden, then read the diff.
 */
final class FindingsTest extends TestCase
{
    /** @return iterable<string, array{string, iterable<string, array{0: string, 1: array<string, mixed>, 2: list<string>, 3?: list<string>}>}> */
    public static function stations(): iterable
    {
        yield 'label' => ['label', LabelRulesTest::cases()];
        yield 'history' => ['history', HistoryRulesTest::cases()];
        yield 'child' => ['child', ChildRulesTest::cases()];
        yield 'place' => ['place', PlaceRulesTest::cases()];
        yield 'secure' => ['secure', SecureRulesTest::cases()];
        yield 'measure' => ['measure', MeasureRulesTest::cases()];
        yield 'buckle' => ['buckle', BuckleRulesTest::cases()];
        yield 'bus' => ['bus', BusRulesTest::cases()];
        yield 'handover' => ['handover', HandoverRulesTest::cases()];
    }

    /** @param iterable<string, array{0: string, 1: array<string, mixed>, 2: list<string>, 3?: list<string>}> $cases */
    #[DataProvider('stations')]
    public function testWordForWord(string $station, iterable $cases): void
    {
        $found = [];
        foreach ($cases as $name => [$case, $changes, $expected]) {
            if ($expected !== []) {
                $found[$name] = AssessmentWriter::toArray(Cases::assess($case, $changes), Told::in('en'))['findings'];
            }
        }
        GoldenFile::assertHolds("findings/{$station}.json", $found);
    }
}
