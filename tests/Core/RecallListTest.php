<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Facts\Advice;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Facts\RecallList;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Recall\CandidateKeys;
use MintBuckle\Core\Recall\RecallAnswer;
use MintBuckle\Core\Recall\RecallChanges;
use MintBuckle\Core\Recall\RecallIntake;
use MintBuckle\Core\Recall\RecallMatch;
use MintBuckle\Core\Recall\Rematch;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RecallListTest extends TestCase
{
    private static function intake(): RecallIntake
    {
        return new RecallIntake(CalendarDate::of(2026, 11, 25));
    }

    /** @return list<string> */
    private static function problems(RecallIntake $intake): array
    {
        try {
            $intake->stopIfAny();
        } catch (InvalidCase $e) {
            return explode("\n", $e->getMessage());
        }

        return [];
    }

    public function testARowBecomesACampaign(): void
    {
        $intake = self::intake();
        $columns = $intake->header(["\u{FEFF}ID", 'maker', ' Models ', 'made_from', 'advice']) ?? self::fail('the header was refused');
        $campaign = $intake->row($columns, ['R-1', 'Öttermoor', 'OM-22* | OM-3?', '2021-03-01', 'usable_until_remedy'], 2);

        self::assertSame([], self::problems($intake));
        self::assertEquals(new Campaign('R-1', 'Öttermoor', Advice::UsableUntilRemedy, ['OM-22*', 'OM-3?'], CalendarDate::of(2021, 3, 1)), $campaign);
        self::assertSame([], $intake->row($columns, ['R-2', 'Pellwick', '', '', ''], 3)?->models, 'an empty field is nothing said');
    }

    /** Where it is made it can be a day later than where it is taken: it is of today then, and no check is refused for it. */
    public function testAListOfTomorrowElsewhereIsOfToday(): void
    {
        self::assertSame(['2026-11-25', '2026-11-25', '2026-11-24'], array_map(static fn(string $dated): string => (string) self::intake()->dated($dated), ['2026-11-26', '2026-11-25', '2026-11-24']));
    }

    public function testEveryProblemIsNamedWithItsLine(): void
    {
        $intake = self::intake();
        $columns = ['id', 'maker', 'made_from', 'made_to', 'advice'];
        $intake->dated('2026-11-27');
        $intake->row($columns, ['R-1', 'Ottermoor', '2021-02-30', '', ''], 2);
        $intake->row($columns, ['R-1', 'Ottermoor', '2021-03-01', '2021-02-01', 'burn_it'], 3);
        $intake->row($columns, ['R-3', 'Ottermoor'], 5);
        $intake->row($columns, ['R-4', '', '', '', ''], 6);
        $problems = implode("\n", self::problems($intake));

        foreach (['dated: lies after today', 'line 2.made_from: must be a day of the calendar', 'line 3.made_to: lies before made_from', 'line 3.id: is the second R-1', 'line 3.advice: ', 'line 5: has 2 fields where the first line has 5', 'line 6.maker: '] as $problem) {
            self::assertStringContainsString($problem, $problems);
        }
    }

    public function testAHundredProblemsAreEnough(): void
    {
        self::assertSame(1, RecallIntake::VERSION, 'as published');
        $intake = self::intake();
        for ($line = 1; $line < 100; $line++) {
            $intake->problem("line {$line}", 'is wrong');
        }
        self::assertFalse($intake->isHopeless());
        $intake->problem('line 100', 'is wrong');
        self::assertTrue($intake->isHopeless());
    }

    public function testHeadersThatCannotBeRead(): void
    {
        foreach ([[['id', 'maker', 'colour'], 'does not know: colour'], [['id', 'models'], 'lacks the column maker'], [['id', 'maker', 'id'], 'names a column twice']] as [$header, $problem]) {
            $intake = self::intake();
            self::assertNull($intake->header($header));
            self::assertStringContainsString($problem, implode("\n", self::problems($intake)));
        }
        $undated = self::intake();
        $undated->dated(null);
        self::assertStringContainsString('nobody knows how fresh', self::problems($undated)[0]);
    }

    public function testWhatChanges(): void
    {
        $changes = RecallChanges::between(['a' => 'a', 'b' => 'b', 'c' => 'c'], ['a' => 'a', 'b' => 'B', 'd' => 'd']);
        self::assertSame([['d'], ['c'], ['b'], 1], [$changes->new, $changes->gone, $changes->changed, $changes->same]);
    }

    public function testKeysAreASupersetOfWhatMatches(): void
    {
        self::assertSame(['', 'o', 'om', 'om2'], CandidateKeys::ofModel('OM-2'));
        self::assertSame(['om22', ''], CandidateKeys::ofCampaign(new Campaign('R', 'M', Advice::StopUse, ['OM-22*', '*X', 'om 22?'])));
        self::assertSame([''], CandidateKeys::ofCampaign(new Campaign('R', 'M', Advice::StopUse)));
        self::assertSame(CandidateKeys::maker('Straße'), CandidateKeys::maker('STRASSE'));
    }

    /** Random lists and seats against a matcher written on its own, by the handbook's sentence, with shell patterns. */
    public function testAgainstANaiveOracle(): void
    {
        $random = new Randomizer(new Mt19937(225));
        $seen = [];
        for ($round = 0; $round < 3000; $round++) {
            $from = self::one($random, [null, '2021-03-01', '2021-03-15', '2021-12-31']);
            $to = self::one($random, [null, '2021-03-31', '2021-12-31', '2022-01-01']);
            $campaign = new Campaign('R', self::one($random, ['Ottermoor', 'ÖTTER MOOR', 'Pellwick']), Advice::StopUse, self::one($random, [[], ['OM-2*'], ['OM?20', 'PW-1'], ['*20'], ['om 220']]), $from === null ? null : CalendarDate::parse($from), $to === null ? null : CalendarDate::parse($to), self::one($random, [null, null, 'A100']), self::one($random, [null, null, 'A2000']));
            [$maker, $model, $made, $serial] = [self::one($random, [null, 'Otter-moor', 'ottermoor', 'Pellwick']), self::one($random, [null, 'OM-220', 'OM220', 'PW 1', 'OM-2']), self::one($random, [null, '2021', '2021-03', '2021-03-15', '2021-12-31', '2022-01-02']), self::one($random, [null, 'A99', 'a100', 'A1500', 'A2001', 'XY'])];
            $seat = new Seat(maker: $maker, model: $model, serial: $serial, madeOn: $made === null ? null : PartialDate::parse($made));
            $expected = self::naive($campaign, $maker, $model, $made, $serial);
            $seen[$expected] = ($seen[$expected] ?? 0) + 1;

            self::assertSame($expected, strtolower(RecallMatch::of($campaign, $seat)->covers->name), json_encode([$campaign, $maker, $model, $made, $serial], JSON_THROW_ON_ERROR));
            // What the keys leave out never matches.
            if ($maker !== null && $model !== null && $expected !== 'no') {
                self::assertSame(CandidateKeys::maker($campaign->maker), CandidateKeys::maker($maker));
                self::assertNotSame([], array_intersect(CandidateKeys::ofCampaign($campaign), CandidateKeys::ofModel($model)));
            }
            $list = new RecallList(CalendarDate::of(2026, 1, 1), [$campaign]);
            self::assertEquals(RecallAnswer::of($list, $seat)->worst(), Rematch::with($list)->answer($seat)->worst());
        }
        self::assertGreaterThan(100, min($seen));
    }

    /**
     * @template T
     * @param non-empty-list<T> $from
     * @return T
     */
    private static function one(Randomizer $random, array $from): mixed
    {
        return $from[$random->getInt(0, count($from) - 1)];
    }

    private static function naive(Campaign $c, ?string $maker, ?string $model, ?string $made, ?string $serial): string
    {
        $fold = static fn(string $t): string => (string) preg_replace('/[^a-z0-9*?]/', '', strtr(mb_strtolower($t), ['ö' => 'o']));
        $tests = [$maker === null ? null : $fold($maker) === $fold($c->maker)];
        if ($c->models !== []) {
            $tests[] = $model === null ? null : array_filter($c->models, static fn(string $p): bool => fnmatch($fold($p), $fold($model))) !== [];
        }
        if ($c->madeFrom !== null || $c->madeTo !== null) {
            [$first, $last] = match (strlen($made ?? '')) {
                4 => ["{$made}-01-01", "{$made}-12-31"],
                7 => ["{$made}-01", date('Y-m-t', (int) strtotime("{$made}-01"))],
                default => [$made, $made],
            };
            [$from, $to] = [(string) ($c->madeFrom ?? '0000'), (string) ($c->madeTo ?? '9999')];
            $tests[] = match (true) {
                $made === null, $from > $to => null,
                $last < $from || $first > $to => false,
                $first >= $from && $last <= $to => true,
                default => null,
            };
        }
        if ($c->serialFrom !== null || $c->serialTo !== null) {
            $number = preg_match('/\AA(\d+)\z/i', $serial ?? '', $m) === 1 ? (int) $m[1] : null;
            $tests[] = $number === null ? null : ($c->serialFrom === null || $number >= 100) && ($c->serialTo === null || $number <= 2000);
        }

        return in_array(false, $tests, true) ? 'no' : (in_array(null, $tests, true) ? 'unknown' : 'yes');
    }
}
