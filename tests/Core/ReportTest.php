<?php

declare(strict_types=1);

namespace Tests\Core;

use InvalidArgumentException;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Kit\KitItem;
use MintBuckle\Core\Record\Corrected;
use MintBuckle\Core\Record\LoggedFact;
use MintBuckle\Core\Record\Withdrawn;
use MintBuckle\Core\Report\FigureNames;
use MintBuckle\Core\Report\FigureRow;
use MintBuckle\Core\Report\Figures;
use MintBuckle\Core\Report\FigureTable;
use MintBuckle\Core\Report\Lesson;
use MintBuckle\Core\Report\Measure;
use MintBuckle\Core\Report\Outcome;
use MintBuckle\Core\Report\Report;
use MintBuckle\Core\Report\Spans;
use MintBuckle\Core\Report\WholeFives;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Telling\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Told;

/** The findings after an event: what a check adds, the figures and their tables, and what of them may leave (handbook, section 13). */
final class ReportTest extends TestCase
{
    private const SEED = 20261201;

    /** Against a second reading of random checks: what is counted of what was found and left. */
    public function testARandomCheckAddsWhatWasFoundAndPutRight(): void
    {
        [$generated, $rulebook, $seen] = [new Generated(self::SEED), Rulebook::current(), []];
        for ($n = 0; $n < 400; $n++) {
            [$found, $left] = [Assessor::assess($generated->case()[1], $rulebook), Assessor::assess($generated->case()[1], $rulebook)];
            $errors = array_values(array_filter($found->findings, static fn(Finding $f): bool => $f->severity === Severity::Stop || $f->severity === Severity::Fix));
            $corrected = Corrected::of($errors, $left, $rulebook);
            $counts = Outcome::of($found, $corrected, $left, 'convertible', false, null, ['noodle' => 2], [], null)->counts;
            $expected = ['left/' . $left->verdict->value => 1, 'kit/noodle' => 2];
            foreach ($errors as $error) {
                $expected['erring/'] = 1;
                $expected["found/{$error->code->value}"] = 1;
                $rest = array_filter($errors, static fn(Finding $f): bool => $f->code === $error->code && ! in_array($f, $corrected, true));
                if ($rest === []) {
                    $expected["put_right/{$error->code->value}"] = 1;
                }
            }
            ksort($expected);
            ksort($counts);
            self::assertSame($expected, $counts);
            $seen += $counts;
        }
        self::assertGreaterThan(40, count(preg_grep('~\Aput_right/~', array_keys($seen)) ?: []));
    }

    public function testASeatThatIsNotUsedAnyMoreIsCountedByWhyAndWhatBecameOfIt(): void
    {
        $judged = static fn(string $name) => Assessor::assess(Cases::read($name), Rulebook::current());
        $of = static fn(string $found, string $left, ?Withdrawn $became): array => array_filter(
            Outcome::of($judged($found), [], $judged($left), 'convertible', true, $became, [], [], null)->counts,
            static fn(string $key): bool => preg_match('~\A(?:withdrawn_for|became)/~', $key) === 1,
            ARRAY_FILTER_USE_KEY,
        );
        self::assertSame(['withdrawn_for/expiry.passed' => 1, 'became/destroyed' => 1], $of('expired', 'rear-good', Withdrawn::Destroyed));
        self::assertSame(['withdrawn_for/expiry.passed' => 1, 'became/not_noted' => 1], $of('expired', 'expired', null));
        self::assertSame(['withdrawn_for/suits_better' => 1, 'became/kept' => 1], $of('rear-good', 'rear-good', Withdrawn::Kept));
    }

    /** @return iterable<string, array{Severity, bool}> */
    public static function severities(): iterable
    {
        yield 'stops the ride' => [Severity::Stop, true];
        yield 'to be put right' => [Severity::Fix, true];
        yield 'a fact is missing' => [Severity::Ask, false];
        yield 'safe as it stands' => [Severity::Advise, false];
    }

    #[DataProvider('severities')]
    public function testAnErrorStopsOrHasToBePutRight(Severity $severity, bool $isError): void
    {
        self::assertSame($isError, $severity->isError());
    }

    public function testAFindingIsFoundAgainByItsCodeAndWhatExactly(): void
    {
        $code = Code::of('extras.unapproved');
        self::assertSame(['extras.unapproved/', 'extras.unapproved/mirror'], [(new Finding($code, Severity::Fix))->key(), (new Finding($code, Severity::Fix, subject: 'mirror'))->key()]);
        // Of two of one code, one put right is not the code put right.
        $found = Assessor::assess(Cases::read('rear-good'), Rulebook::current());
        $two = [new Finding($code, Severity::Fix, subject: 'mirror'), new Finding($code, Severity::Fix, subject: 'toy')];
        $with = new Assessment($found->rulebook, $two, [], $found->situation);
        $of = static fn(Finding ...$corrected): array => array_keys(Outcome::of($with, array_values($corrected), $found, 'convertible', false, null, [], [], null)->counts);
        self::assertNotContains('put_right/extras.unapproved', $of($two[0]));
        self::assertContains('put_right/extras.unapproved', $of(...$two));
    }

    /** @return iterable<string, array{int, string, string}> seconds, span of a seat, span of a wait */
    public static function times(): iterable
    {
        yield 'none' => [0, '0', '0'];
        yield 'a second under ten minutes' => [599, '0', '0'];
        yield 'ten minutes' => [600, '10', '10'];
        yield 'a second over' => [601, '10', '10'];
        yield 'under the half hour that is planned' => [1_799, '20', '20'];
        yield 'the half hour' => [1_800, '30', '30'];
        yield 'forty minutes' => [2_400, '40', '30'];
        yield 'under the hour' => [3_599, '40', '30'];
        yield 'the hour' => [3_600, '60', '60'];
        yield 'a day' => [86_400, '60', '60'];
    }

    #[DataProvider('times')]
    public function testTimesFallIntoSpansWithoutGapOrOverlap(int $seconds, string $seat, string $wait): void
    {
        self::assertSame([$seat, $wait], [Spans::of($seconds, Spans::OF_A_SEAT), Spans::of($seconds, Spans::OF_A_WAIT)]);
        $judged = Assessor::assess(Cases::read('rear-good'), Rulebook::current());
        $outcome = Outcome::of($judged, [], $judged, 'convertible', false, null, [], [], $seconds)->withWait($seconds);
        self::assertSame(1, $outcome->counts["minutes/{$seat}"] ?? null);
        self::assertSame(["waited/{$wait}" => 1, 'seconds_waited/' => $seconds], $outcome->family);
    }

    public function testWhatWasTriedLastWorkedWhereItHoldsAfterwards(): void
    {
        $note = static fn(string $key, int $n): LoggedFact => LoggedFact::ofRow((object) ['id' => "id-{$n}", 'phase' => 'left', 'key' => $key, 'value' => 'true']);
        $keys = ['tried.still_loose.rock_it', 'tried.too_flat.foot_end', 'tried.still_loose.other_lock.clip', 'tried.tips_to_one_side.rock_it', 'tried.nothing', 'tried.other_sight.rock_it'];
        $tried = Outcome::tried(array_map($note, $keys, array_keys($keys)));
        self::assertSame(['other_lock.clip', 'rock_it'], $tried, 'how it leans is another matter; what was tried twice was tried last the second time');
        $loose = Assessor::assess(Cases::read('rear-loose-and-high'), Rulebook::current());
        $good = Assessor::assess(Cases::read('rear-good'), Rulebook::current());
        $counts = Outcome::of($loose, $loose->findings, $good, 'convertible', false, null, [], $tried, null)->counts;
        self::assertSame([1, 1, 1, null], [$counts['tried/other_lock.clip'], $counts['tried/rock_it'], $counts['worked/rock_it'], $counts['worked/other_lock.clip'] ?? null]);
        $still = Outcome::of($loose, [], $loose, 'convertible', false, null, [], $tried, null)->counts;
        self::assertSame([], preg_grep('~\Aworked/~', array_keys($still)));
    }

    /** @return iterable<string, array{list<ModeName>|null, string}> */
    public static function kinds(): iterable
    {
        yield 'no seat' => [null, 'none'];
        yield 'rear-facing alone' => [[ModeName::RearHarness], 'infant seat on base'];
        yield 'both harnesses' => [[ModeName::ForwardHarness, ModeName::RearHarness], 'convertible'];
        yield 'harness, then booster' => [[ModeName::ForwardHarness, ModeName::HighBackBooster], 'combination'];
        yield 'a back' => [[ModeName::HighBackBooster], 'high-back booster'];
        yield 'none' => [[ModeName::BacklessBooster], 'backless booster'];
        yield 'all of it' => [[ModeName::RearHarness, ModeName::ForwardHarness, ModeName::HighBackBooster], 'other'];
        yield 'nothing said' => [[], 'other'];
    }

    /** @param list<ModeName>|null $modes */
    #[DataProvider('kinds')]
    public function testTheKindOfASeatThatTheCatalogueDoesNotKnow(?array $modes, string $kind): void
    {
        $seat = $modes === null ? null : new Seat(modes: array_fill_keys(array_column($modes, 'value'), new Mode()));
        self::assertSame($kind, Outcome::kindOf($seat));
    }

    public function testSharesAndMeansAreRoundedOnceAndOfNothingThereIsNone(): void
    {
        self::assertSame([0, 33, 67, 50, 100, 1], [Figures::percent(0, 3), Figures::percent(1, 3), Figures::percent(2, 3), Figures::percent(1, 2), Figures::percent(7, 7), Figures::percent(1, 200)]);
        self::assertSame([null, null, null], [Figures::percent(0, 0), Figures::percent(null, 3), Figures::percent(3, null)]);
        self::assertSame([100, 100], [Figures::percent(15, 10), Figures::percent(10, 10)], 'carried figures: a part is never told as more than its whole');
        $mean = static fn(int $seconds, int $seats): ?int => Figures::exact(['minutes' => ['20' => $seats], 'seconds' => ['' => $seconds]])->meanMinutes(Measure::Minutes, Measure::Seconds);
        self::assertSame([28, 29, null], [$mean(5_069, 3), $mean(5_130, 3), $mean(0, 0)]);
        self::assertNull(Figures::toHandOn(['minutes' => ['20' => 50], 'seconds' => ['' => 5_000]], 1)->meanMinutes(Measure::Minutes, Measure::Seconds));
    }

    /** Every table of random figures adds up, and every row can be told in both languages. */
    public function testTheTablesSayWhatWasCounted(): void
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $codes = array_map(static fn($code): string => $code->value, Rulebook::current()->codes());
        assert($codes !== []);
        $counts = ['erring' => ['' => 30]];
        foreach (['found', 'put_right', 'withdrawn_for'] as $measure) {
            foreach ($random->pickArrayKeys($codes, 40) as $index) {
                $counts[$measure][$codes[$index]] = $random->getInt(1, 20);
            }
        }
        $counts['put_right'] = array_intersect_key($counts['put_right'], $counts['found']);
        $counts += ['left' => array_fill_keys(array_column(Verdict::cases(), 'value'), 10), 'became' => ['kept' => 3, 'not_noted' => 1], 'kit' => ['noodle' => 4, 'convertible' => 1], 'minutes' => ['0' => 1, '60' => 2], 'waited' => ['20' => 3], 'seconds' => ['' => 3_600], 'seconds_waited' => ['' => 600]];
        $tables = array_column(Report::of(Figures::exact($counts)), null, 'key');
        self::assertSame(['summary', 'expected', 'stations', 'codes', 'left', 'withdrawn_for', 'became', 'minutes', 'waited', 'kit'], array_keys($tables));
        $column = static fn(string $table, string $of): array => array_map(static fn(FigureRow $row): ?int => $row->cells[$of], $tables[$table]->rows);
        self::assertSame(array_sum($counts['found']), array_sum($column('codes', 'found')));
        self::assertSame(array_sum($counts['found']), array_sum($column('stations', 'found')));
        self::assertSame(array_sum($counts['put_right']), array_sum($column('codes', 'put_right')));
        self::assertSame(array_sum($counts['put_right']), array_sum($column('stations', 'put_right')));
        $found = $column('codes', 'found');
        $sorted = $found;
        rsort($sorted);
        self::assertSame($sorted, $found, 'most first');
        self::assertSame([40, 3, 30], array_slice($column('summary', 'count'), 0, 3));
        self::assertSame([[75, 75]], array_map(static fn(FigureRow $row): array => array_values($row->cells), $tables['expected']->rows), 'the trade expects about three seats in four to arrive with an error: common practice');
        foreach ($tables as $table) {
            self::assertSame([], array_diff($table->charted, $table->columns));
            foreach ($table->rows as $row) {
                self::assertSame([], array_diff($table->columns, array_keys($row->cells)), $table->key);
                foreach (array_keys(Told::locales()) as $language) {
                    self::assertMatchesRegularExpression('/\A[^_{}]{2,}\z/u', Told::in($language)->says($row->name), $row->key);
                }
            }
        }
        self::assertSame('Findings', Told::english(FigureNames::of(Measure::Found, 'nothing.such')), 'what stands in no list is not repeated');
        self::assertSame([], array_filter(Report::of(Figures::exact([])), static fn(FigureTable $t): bool => $t->rows !== [] && ! in_array($t->key, ['summary', 'left', 'minutes', 'waited'], true)));
    }

    /** @param array<string, array<int|string, int>> $more */
    private static function lesson(int $seats, array $more = []): ?Lesson
    {
        return Lesson::of(Figures::exact(['left' => ['good_to_ride' => $seats]] + $more));
    }

    /** @return iterable<string, array{Measure, list<string>}> everything that is ever counted */
    public static function counted(): iterable
    {
        $codes = array_map(static fn(Code $code): string => $code->value, Rulebook::current()->codes());
        yield 'verdicts' => [Measure::Left, array_column(Verdict::cases(), 'value')];
        yield 'errors' => [Measure::Found, $codes];
        yield 'errors put right' => [Measure::PutRight, $codes];
        yield 'why a seat is not used any more' => [Measure::WithdrawnFor, [...$codes, Outcome::SUITS_BETTER]];
        yield 'what became of it' => [Measure::Became, [...array_column(Withdrawn::cases(), 'value'), Outcome::NOT_NOTED]];
        yield 'the kit' => [Measure::Kit, array_column(KitItem::cases(), 'value')];
        yield 'minutes a seat' => [Measure::Minutes, array_map(strval(...), Spans::OF_A_SEAT)];
        yield 'minutes waited' => [Measure::Waited, array_map(strval(...), Spans::OF_A_WAIT)];
        yield 'what was tried' => [Measure::Tried, ['rock_it', 'other_lock.clip', 'turn_buckle.2', 'other_setting.3', 'the_belt']];
        yield 'what worked' => [Measure::Worked, ['peg_belt', 'free_retractor.lockoff', 'noodles.1', 'other_seat']];
    }

    /** @param list<string> $keys */
    #[DataProvider('counted')]
    public function testWhateverIsCountedHasANameOfItsOwnInEveryLanguage(Measure $measure, array $keys): void
    {
        foreach (array_keys(Told::locales()) as $language) {
            $names = array_map(static fn(string $of): string => Told::in($language)->says(FigureNames::of($measure, $of)), $keys);
            self::assertSame(count($keys), count(array_unique($names)), implode(', ', array_diff_assoc($names, array_unique($names))));
            self::assertNotContains(Told::in($language)->word('report.title'), $names);
            self::assertSame([], preg_grep('/[_{}]|\A\P{L}*\z/u', $names));
        }
    }

    /** The spans are told without a gap: where one ends the next begins, and the last has no end. */
    public function testSpansAreToldEdgeToEdge(): void
    {
        self::assertSame(
            ['0 to under 10 minutes', '10 to under 20 minutes', '20 to under 30 minutes', '30 to under 40 minutes', '40 to under 60 minutes', '60 minutes or more'],
            array_map(static fn(int $from): string => Told::english(FigureNames::of(Measure::Minutes, (string) $from)), Spans::OF_A_SEAT),
        );
        self::assertSame(
            ['0 to under 10 minutes', '10 to under 20 minutes', '20 to under 30 minutes', '30 to under 60 minutes', '60 minutes or more'],
            array_map(static fn(int $from): string => Told::english(FigureNames::of(Measure::Waited, (string) $from)), Spans::OF_A_WAIT),
        );
    }

    /** What may leave is counts of seats, families and things: no means, nothing so fine that it names a seat model's tries. */
    public function testWhatMayLeave(): void
    {
        self::assertSame(
            ['seconds', 'seconds_waited', 'tried', 'worked'],
            array_values(array_map(static fn(Measure $m): string => $m->value, array_filter(Measure::cases(), static fn(Measure $m): bool => ! $m->mayLeave()))),
        );
        $handedOn = Figures::toHandOn(['left' => ['good_to_ride' => 40, 'fix_first' => 5, 'do_not_use' => 0], 'erring' => ['' => 10], 'found' => ['harness.slack' => 5, 'harness.clip' => 15]], 1);
        self::assertSame([40, null, null, 10, 45], [$handedOn->good(), $handedOn->of(Measure::Left, 'fix_first'), $handedOn->of(Measure::Left, 'do_not_use'), $handedOn->of(Measure::Erring), $handedOn->seats()]);
        self::assertSame([null, 15, 20], [$handedOn->of(Measure::Found, 'harness.slack'), $handedOn->of(Measure::Found, 'harness.clip'), $handedOn->sum(Measure::Found)]);
        $apart = Figures::toHandOn(['left' => ['good_to_ride' => 10, 'fix_first' => 10]], 3);
        self::assertSame([null, null], [$apart->good(), $apart->seats()], 'of events that do not follow each other more is uncertain');
        self::assertNull(Figures::toHandOn([], 0)->seats());
    }

    /** Under, on and over the number of checks that teach anything. */
    public function testALessonTakesThreeChecksAndTellsItsNumbers(): void
    {
        self::assertSame([null, null, false, false], [self::lesson(0), self::lesson(2), self::lesson(3) === null, self::lesson(4) === null]);
        $plain = self::lesson(3);
        self::assertSame([null, null, []], [$plain?->errors(), $plain?->loose(), $plain?->worked()]);
        self::assertSame('0 of 3 came with an error.', Told::english($plain?->erring() ?? new Message('report.title')));
        $told = self::lesson(9, [
            'erring' => ['' => 7],
            'found' => ['harness.height' => 2, 'measure.loose' => 5, 'harness.slack' => 2, 'harness.clip' => 1],
            'put_right' => ['measure.loose' => 4],
            'tried' => ['rock_it' => 4, 'turn_buckle.2' => 1, 'weight_in' => 6, 'peg_belt' => 2],
            'worked' => ['rock_it' => 1, 'turn_buckle.2' => 1, 'weight_in' => 2, 'peg_belt' => 1],
        ]);
        assert($told !== null);
        self::assertSame('7 of 9 came with an error. Most often: It moves too much (5), Straps at the wrong height (2), Slack straps (2).', Told::english($told->erring()) . ' ' . Told::english($told->errors() ?? $told->erring()));
        self::assertSame('At earlier checks here, 5 of 9 such seats were loose; 4 of these held before they left.', Told::english($told->loose() ?? $told->erring()));
        self::assertCount(3, $told->worked());
        self::assertStringEndsWith(': 2 of 6 tries', Told::english($told->worked()[0]));
    }

    /** @return iterable<string, array{int, int, int, int}> before, count, offset, figure */
    public static function fives(): iterable
    {
        yield 'nothing' => [0, 0, 4, 0];
        yield 'four from nought' => [0, 4, 0, 0];
        yield 'five from nought' => [0, 5, 0, 5];
        yield 'six' => [0, 6, 0, 5];
        yield 'one that fills what was left over' => [4, 1, 0, 5];
        yield 'the same without it' => [3, 1, 0, 0];
        yield 'where it begins counts too' => [0, 1, 4, 5];
        yield 'many' => [1_234, 4_321, 2, 4_320];
    }

    #[DataProvider('fives')]
    public function testWhatIsLeftOverIsCarriedOn(int $before, int $count, int $offset, int $figure): void
    {
        self::assertSame($figure, WholeFives::of($before, $count, $offset));
    }

    public function testNonsenseIsNoCount(): void
    {
        $this->expectException(InvalidArgumentException::class);
        WholeFives::of(0, 1, 5);
    }

    /** Over random events: sums that follow each other are never further than four from the truth, and what is told stands for five or more. */
    public function testSumsStayNearTheTruth(): void
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        for ($world = 0; $world < 300; $world++) {
            [$counts, $offset] = [array_map(static fn(): int => $random->getInt(0, 9), range(1, 30)), $random->getInt(0, 4)];
            $told = self::toldOf($counts, $offset);
            for ($run = 0; $run < 20; $run++) {
                $from = $random->getInt(0, 29);
                $length = $random->getInt(1, 30 - $from);
                [$truth, $figure] = [array_sum(array_slice($counts, $from, $length)), array_sum(array_slice($told, $from, $length))];
                self::assertLessThanOrEqual(WholeFives::OFF_BY, abs($truth - $figure));
                self::assertSame(0, $figure % WholeFives::STEP);
                if (WholeFives::mayBeTold($figure, 1)) {
                    self::assertGreaterThanOrEqual(5, $truth, 'cells under five are not told');
                }
            }
        }
        self::assertSame([false, true, false, true], [WholeFives::mayBeTold(5, 1), WholeFives::mayBeTold(10, 1), WholeFives::mayBeTold(10, 2), WholeFives::mayBeTold(15, 2)]);
    }

    /**
     * Whoever has every figure of every event, and so every sum and difference of exports, still cannot tell what an event's cell was: all
     * truths that could have led to the same figures are walked, and each cell has several left.
     */
    public function testNoSubtractionSaysMoreThanTheFiguresThemselves(): void
    {
        $worlds = [];
        foreach (self::every(3, 14) as $counts) {
            for ($offset = 0; $offset < WholeFives::STEP; $offset++) {
                $worlds[implode(',', self::toldOf($counts, $offset))][] = $counts;
            }
        }
        self::assertGreaterThan(60, count($worlds));
        foreach ($worlds as $figures => $truths) {
            // Above, counts that would lead there too are not walked.
            foreach (preg_match('/15/', (string) $figures) === 1 ? [] : explode(',', (string) $figures) as $event => $figure) {
                $possible = array_unique(array_column($truths, $event));
                self::assertGreaterThanOrEqual(5, count($possible), "{$figures}, event {$event}");
                self::assertSame($figure === '0', in_array(0, $possible, true), 'only of a figure of nought can it be that nobody was there');
            }
        }
    }

    /**
     * @param list<int> $counts
     * @return list<int>
     */
    private static function toldOf(array $counts, int $offset): array
    {
        $told = [];
        foreach ($counts as $event => $count) {
            $told[] = WholeFives::of(array_sum(array_slice($counts, 0, $event)), $count, $offset);
        }

        return $told;
    }

    /** @return iterable<list<int>> of so many events, each from nobody up to the most */
    private static function every(int $events, int $most): iterable
    {
        if ($events === 0) {
            yield [];

            return;
        }
        foreach (self::every($events - 1, $most) as $before) {
            for ($count = 0; $count <= $most; $count++) {
                yield [...$before, $count];
            }
        }
    }
}
