<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Fit\SlotChoice;
use MintBuckle\Core\Recall\RecallMatch;
use MintBuckle\Core\Truth\Truth;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Computations against naive ones written for the tests alone, on random seats. Seeded, so that a failure can be repeated. */
#[Group('slow')]
final class OracleTest extends TestCase
{
    public function testSlotChoice(): void
    {
        $random = new Randomizer(new Mt19937(2026));
        $rules = ['at_or_below', 'at_or_above', 'level_to_25_above'];
        for ($i = 0; $i < 600; $i++) {
            $heights = array_map(static fn(): int => $random->getInt(150, 480), range(1, $random->getInt(1, 7)));
            sort($heights);
            $forbidden = array_values(array_filter(range(1, count($heights)), static fn(): bool => $random->getInt(0, 4) === 0));
            $shoulder = $random->getInt(0, 3) === 0 ? $heights[$random->getInt(0, count($heights) - 1)] : $random->getInt(140, 500);
            $rule = $rules[$i % 3];
            $case = Cases::read(Cases::REAR, [
                'seat.slots' => array_map(static fn(int $mm): array => ['height' => Cases::q($mm, 'mm')], $heights),
                'seat.modes.rear_harness.slots_forbidden' => $forbidden,
                'seat.strap_rule_rear' => $rule,
                'child.shoulder_height' => Cases::q($shoulder / 10, 'cm'),
                'setup.harness.slot' => null,
            ]);
            $choice = SlotChoice::of(new AssessmentContext($case), ModeName::RearHarness);

            self::assertSame(self::naiveSlot($rule, $heights, $forbidden, $shoulder), $choice->slot, "{$rule} " . implode(' ', $heights) . ' without ' . implode(' ', $forbidden) . " at {$shoulder}");
            self::assertSame($choice->slot === null, $choice->nothingRight);
        }
    }

    public function testRecallMatch(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $makers = ['Ottermoor', 'OTTER MOOR', 'Pellwick', null];
        $models = ['OM-220', 'om 221', 'OM-22', 'PW-1', null];
        $dates = ['2023-03-14', '2023-03', '2023', '2022-12-31', '2024-01-01', null];
        $serials = ['A100', 'A099', 'a101', '100', null];
        $counted = ['yes' => 0, 'no' => 0, 'open' => 0];
        for ($i = 0; $i < 1500; $i++) {
            $pick = static fn(array $from): mixed => $from[$random->getInt(0, count($from) - 1)];
            $seat = Cases::read(Cases::REAR, ['seat.maker' => $pick($makers), 'seat.model' => $pick($models), 'seat.made_on' => $pick($dates), 'seat.serial' => $pick($serials), 'seat.life_years' => null, 'seat.use_until' => '2031'])->seat ?? self::fail('no seat');
            $campaign = Cases::read(Cases::REAR, ['recall_list.campaigns' => [[
                'id' => 'R', 'maker' => $pick(['Ottermoor', 'Pellwick']), 'models' => $pick([[], ['OM-22*'], ['OM-22?'], ['PW*', 'OM-22']]),
                'made_from' => $pick([null, '2023-01-01', '2023-03-14']), 'made_to' => $pick([null, '2023-12-31', '2023-03-31']),
                'serial_from' => $pick([null, 'A100']), 'serial_to' => $pick([null, 'A100']),
            ]]])->recallList->campaigns[0] ?? self::fail('no campaign');
            $expected = self::naiveRecall($campaign, $seat->maker, $seat->model, $seat->madeOn?->__toString(), $seat->serial);

            self::assertSame($expected, RecallMatch::of($campaign, $seat)->covers, json_encode([$campaign, $seat->maker, $seat->model, (string) $seat->madeOn, $seat->serial], JSON_THROW_ON_ERROR));
            $counted[match ($expected) {
                Truth::Yes => 'yes', Truth::No => 'no', Truth::Unknown => 'open',
            }]++;
        }
        self::assertGreaterThan(20, min($counted), 'all three answers were met: ' . json_encode($counted, JSON_THROW_ON_ERROR));
    }

    /**
     * @param list<int> $heights
     * @param list<int> $forbidden
     */
    private static function naiveSlot(string $rule, array $heights, array $forbidden, int $shoulder): ?int
    {
        $best = null;
        foreach ($heights as $index => $height) {
            $right = match ($rule) {
                'at_or_below' => $height <= $shoulder,
                'at_or_above' => $height >= $shoulder,
                default => $height >= $shoulder && $height <= $shoulder + 25,
            };
            if ($right && ! in_array($index + 1, $forbidden, true) && ($best === null || $rule === 'at_or_below')) {
                $best = $index + 1;
            }
        }

        return $best;
    }

    /** By strings alone: every day that a partial date may mean is compared one by one. */
    private static function naiveRecall(Campaign $campaign, ?string $maker, ?string $model, ?string $made, ?string $serial): Truth
    {
        $fold = static fn(string $text): string => (string) preg_replace('/[^a-z0-9*?]/', '', strtolower($text));
        $answers = [$maker === null ? null : $fold($maker) === $fold($campaign->maker)];
        if ($campaign->models !== []) {
            $answers[] = $model === null ? null : array_filter($campaign->models, static fn(string $pattern): bool => fnmatch($fold($pattern), $fold($model))) !== [];
        }
        if ($campaign->madeFrom !== null || $campaign->madeTo !== null) {
            $inside = array_unique(array_map(
                static fn(string $day): int => (int) ($day >= (string) $campaign->madeFrom && ($campaign->madeTo === null || $day <= (string) $campaign->madeTo)),
                $made === null ? [] : self::daysOf($made),
            ));
            $answers[] = count($inside) === 1 ? array_values($inside)[0] === 1 : null;
        }
        if ($campaign->serialFrom !== null || $campaign->serialTo !== null) {
            $number = $serial !== null && preg_match('/^A(\d+)$/i', $serial, $m) === 1 ? (int) $m[1] : null;
            $answers[] = $number === null ? null : ($campaign->serialFrom === null || $number >= 100) && ($campaign->serialTo === null || $number <= 100);
        }

        return match (true) {
            in_array(false, $answers, true) => Truth::No,
            in_array(null, $answers, true) => Truth::Unknown,
            default => Truth::Yes,
        };
    }

    /** @return list<string> */
    private static function daysOf(string $partial): array
    {
        /** @var array<string, list<string>> $known */
        static $known = [];
        if (isset($known[$partial])) {
            return $known[$partial];
        }
        $days = [];
        for ($day = strtotime('2020-01-01 UTC'); $day < strtotime('2026-01-01 UTC'); $day += 86_400) {
            if (str_starts_with(gmdate('Y-m-d', $day), $partial)) {
                $days[] = gmdate('Y-m-d', $day);
            }
        }

        return $known[$partial] = $days;
    }
}
