<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Computed;
use MintBuckle\Core\Finding\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Second\BuckleReading;
use Tests\Core\Second\CardReading;
use Tests\Core\Second\ChildReading;
use Tests\Core\Second\ComputedReading;
use Tests\Core\Second\LabelReading;
use Tests\Core\Second\MeasureReading;
use Tests\Core\Second\PlaceReading;
use Tests\Core\Second\QuestionsReading;
use Tests\Core\Second\Reading;
use Tests\Core\Second\SecureReading;

/** What the core finds against the handbook read a second time, over generated cases; the seed stands in every message. */
#[Group('slow')]
final class SecondReadingTest extends TestCase
{
    private const SEED = 20261201;

    private const CASES = 2_500;

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

    public function testTheCoreComputesWhatTheWordsSay(): void
    {
        $generated = new Generated(self::SEED + 1, self::CHANGES);
        [$known, $differs] = [[], []];
        for ($i = 0; $i < self::CASES; $i++) {
            [$case, $read] = $generated->case();
            $computed = self::told(Generated::assess($read)->computed());
            foreach ((new ComputedReading($case))->says() as $what => $expected) {
                $said = $computed[$what] ?? null;
                if ($expected !== Reading::OPEN && $said !== $expected) {
                    $differs[$what] ??= "case {$i}: {$what} must be " . ($expected ?? 'null') . ', is ' . ($said ?? 'null') . "\n" . json_encode($case, JSON_THROW_ON_ERROR);
                }
                $known[$what] = ($known[$what] ?? 0) + (int) ($expected !== Reading::OPEN && $expected !== null);
            }
        }
        self::assertSame('', implode("\n", $differs), 'seed ' . self::SEED + 1);
        $often = array_filter($known, static fn(int $times): bool => $times > 100);
        self::assertGreaterThanOrEqual(10, count($often), json_encode($known, JSON_THROW_ON_ERROR));
    }

    public function testTheCardHasTheStepsThatTheWordsName(): void
    {
        $generated = new Generated(self::SEED + 3, self::CHANGES);
        [$cards, $met, $differs] = [[], 0, []];
        for ($i = 0; $i < self::CASES; $i++) {
            [$case, $read] = $generated->case();
            $expected = (new CardReading($case))->says()['card'];
            if ($expected === Reading::OPEN) {
                continue;
            }
            $card = Generated::assess($read)->computed()->card;
            $said = $card === null ? null : implode(' ', array_map(static fn(CardStep $step): string => $step->code->value, $card));
            if ($said !== $expected) {
                $differs[] = "case {$i}: card must be " . ($expected ?? 'null') . "\n is " . ($said ?? 'null') . "\n" . json_encode($case, JSON_THROW_ON_ERROR);
            }
            $cards[$expected ?? ''] = true;
            $met++;
        }
        self::assertSame('', implode("\n", array_slice($differs, 0, 3)), count($differs) . ' with seed ' . self::SEED + 3);
        self::assertGreaterThan(self::CASES / 3, $met);
        self::assertGreaterThan(100, count($cards), 'many different cards');
    }

    public function testTheCoreAsksWhatTheWordsSay(): void
    {
        $generated = new Generated(self::SEED + 2, self::CHANGES);
        [$asked, $silent, $differs] = [[], [], []];
        for ($i = 0; $i < self::CASES; $i++) {
            [$case, $read] = $generated->case();
            $questions = Cases::asked(Generated::assess($read));
            foreach ((new QuestionsReading($case))->says() as $path => $expected) {
                if ($expected === Reading::OPEN) {
                    continue;
                }
                if (in_array($path, $questions, true) !== ($expected !== null)) {
                    $differs[$path] ??= "case {$i}: {$path} must be " . ($expected ?? 'no question') . "\n" . json_encode($case, JSON_THROW_ON_ERROR);
                }
                $expected === null ? $silent[$path] = true : $asked[$path] = true;
            }
        }
        self::assertSame('', implode("\n", $differs), 'seed ' . self::SEED + 2);
        self::assertGreaterThan(30, count($asked), implode(' ', array_keys($asked)));
        self::assertGreaterThan(40, count($silent));
    }

    /** @return array<string, string|null> */
    private static function told(Computed $computed): array
    {
        $told = [
            'age_months' => $computed->ageMonths === null ? null : (string) $computed->ageMonths->toInt(),
            'best_mode' => $computed->bestMode?->value,
            'harness_slot' => $computed->harnessSlot === null ? null : (string) $computed->harnessSlot,
        ];
        foreach ($computed->modes as $fit) {
            $told["fits {$fit->mode->value}"] = ComputedReading::word($fit->fits->toBool());
        }
        foreach ($computed->beltLock ?? [] as $way) {
            $told["works {$way->way}"] = ComputedReading::word($way->works->toBool());
        }

        return $told;
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
