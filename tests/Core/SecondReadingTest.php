<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Finding\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Second\BuckleReading;
use Tests\Core\Second\ChildReading;
use Tests\Core\Second\LabelReading;
use Tests\Core\Second\MeasureReading;
use Tests\Core\Second\PlaceReading;
use Tests\Core\Second\Reading;
use Tests\Core\Second\SecureReading;

/** What the core finds against the handbook read a second time, over generated cases; the seed stands in every message. */
#[Group('slow')]
final class SecondReadingTest extends TestCase
{
    private const SEED = 20261201;

    private const CASES = 4_000;

    /** Most facts of a case that are not as in a good one. */
    private const CHANGES = 24;

    /** @return iterable<string, array{class-string<Reading>, int}> the reading, and how many codes it must have met */
    public static function readings(): iterable
    {
        yield 'label and history' => [LabelReading::class, 8];
        yield 'child' => [ChildReading::class, 11];
        yield 'place' => [PlaceReading::class, 8];
        yield 'secure' => [SecureReading::class, 16];
        yield 'measure' => [MeasureReading::class, 16];
        yield 'buckle and handover' => [BuckleReading::class, 16];
    }

    /** @param class-string<Reading> $reading */
    #[DataProvider('readings')]
    public function testTheCoreFindsWhatTheWordsSay(string $reading, int $codes): void
    {
        $generated = new Generated(self::SEED, self::CHANGES);
        [$met, $silent, $differs] = [[], 0, []];
        for ($i = 0; $i < self::CASES; $i++) {
            [$case, $read] = $generated->case();
            $found = self::bySeverity(Generated::assess($read)->findings);
            foreach ((new $reading($case))->says() as $code => $expected) {
                if ($expected === Reading::OPEN) {
                    continue;
                }
                $severities = array_unique($found[$code] ?? []);
                sort($severities);
                if (! in_array($said = implode('+', $severities), self::takes($expected), true)) {
                    $differs[$code] ??= "case {$i}: {$code} must be " . ($expected ?? 'silent') . ", is {$said}\n" . json_encode($case, JSON_THROW_ON_ERROR);
                }
                $expected === null ? $silent++ : $met[$code] = ($met[$code] ?? 0) + 1;
            }
        }
        self::assertSame('', implode("\n", $differs), 'seed ' . self::SEED);
        self::assertGreaterThanOrEqual($codes, count($met), 'met: ' . json_encode($met, JSON_THROW_ON_ERROR));
        self::assertGreaterThan(self::CASES, $silent);
    }

    /**
     * @param list<Finding> $findings
     * @return array<string, list<string>> severities by code
     */
    private static function bySeverity(array $findings): array
    {
        $by = [];
        foreach ($findings as $finding) {
            $by[$finding->code->value][] = $finding->severity->value;
        }

        return $by;
    }

    /** @return list<string> */
    private static function takes(?string $expected): array
    {
        if ($expected === null) {
            return [''];
        }
        $either = explode('|', $expected);
        foreach ($either as &$one) {
            $together = explode('+', $one);
            sort($together);
            $one = implode('+', $together);
        }

        return $either;
    }
}
