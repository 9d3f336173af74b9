<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Practice\SeededDice;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Drill\Quiz\QuizKind;
use MintBuckle\Core\Drill\Quiz\QuizMaker;
use MintBuckle\Core\Drill\Quiz\QuizQuestion;
use MintBuckle\Core\Drill\Quiz\SlipQuiz;
use MintBuckle\Core\Drill\Quiz\StepOrder;
use MintBuckle\Core\Telling\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** The other forms of practice: one answer is right, the others are not, and the sums come out as worked by hand. */
final class QuizTest extends TestCase
{
    private static function ask(QuizKind $kind, int $seed): QuizQuestion
    {
        return (new QuizMaker(DrillTest::stock(), new SeededDice($seed)))->make($kind);
    }

    /** @return list<string> */
    private static function options(QuizQuestion $question): array
    {
        return array_map(static fn($option): string => $option instanceof Message ? Told::english($option) : "{$option->value} {$option->unit->symbol()}", $question->options);
    }

    /** @return iterable<string, array{QuizKind}> */
    public static function kinds(): iterable
    {
        foreach (QuizKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function testEveryQuestionHasOneRightAnswer(QuizKind $kind): void
    {
        $asked = [];
        foreach (range(1, 60) as $seed) {
            $question = self::ask($kind, $seed);
            $options = self::options($question);
            self::assertGreaterThanOrEqual(3, count($options), "seed {$seed}");
            self::assertArrayHasKey($question->right, $question->options);
            self::assertSame($options, array_values(array_unique($options)), "seed {$seed}: no two alike");
            self::assertNotSame('', Told::english($question->because));
            self::assertEquals($question, self::ask($kind, $seed), 'the same dice ask the same');
            $acts = array_map(static fn(array $act): string => Told::english($act[1]), $question->acts);
            $asked[implode([Told::english($question->asked), ...$options, ...$acts])] = true;
        }
        self::assertGreaterThan(7, count($asked));
    }

    /** Sums read back from their own words and reckoned again: the anniversary, 65 or 60 lb together, the slot on the right side of the shoulder. */
    public function testTheSums(): void
    {
        $seen = [];
        foreach (range(1, 120) as $seed) {
            $question = self::ask(QuizKind::Arithmetic, $seed);
            $asked = Told::english($question->asked);
            $right = self::options($question)[$question->right];
            if (preg_match('/Made (\d+ \w+ \d+), to be used for (\d+) years/', $asked, $m) === 1) {
                self::assertSame((string) (int) date('Ymd', (int) strtotime("{$m[1]} +{$m[2]} years")), (string) (int) date('Ymd', (int) strtotime($right)));
                $seen['expiry'] = true;
            } elseif (preg_match('/The seat weighs (\d+) lb.*(rear|forward)-facing/', $asked, $m) === 1) {
                self::assertSame((($m[2] === 'rear' ? 60 : 65) - (int) $m[1]) . ' lb', $right);
                $seen['anchors'] = true;
            } elseif (preg_match('/The shoulder is (\d+) mm above the cushion, (rear|forward)-facing.*lowest: (.+)\. Which/', $asked, $m) === 1) {
                $heights = array_map(intval(...), (array) preg_split('/[^\d]+/', str_replace(' mm', '', $m[3])));
                $slot = (int) preg_replace('/\D/', '', $right);
                self::assertSame($m[2] === 'rear', ($heights[$slot - 1] ?? 0) <= (int) $m[1]);
                $seen['slot'] = true;
            } else {
                self::assertStringContainsString('goes into the crease', $asked);
                $seen['wedge'] = true;
            }
        }
        self::assertCount(4, $seen);
    }

    /** Each slip is told wrong and right, in both languages, and the two differ. */
    public function testEverySlipIsToldBothWays(): void
    {
        foreach (SlipQuiz::SLIPS as $slip) {
            foreach (['en', 'es'] as $language) {
                $told = array_map(static fn(string $how): string => Told::in($language)->tell(new Message("quiz.slip.{$how}.{$slip}")), ['right', 'wrong']);
                self::assertNotSame($told[0], $told[1]);
                self::assertStringNotContainsString('quiz.slip', implode($told));
            }
        }
        self::assertGreaterThanOrEqual(12, count(SlipQuiz::SLIPS));
    }

    /** @return iterable<string, array{list<int>, int}> steps as laid, and how many must move */
    public static function laid(): iterable
    {
        yield 'in order' => [[0, 1, 2, 3, 4], 0];
        yield 'nothing' => [[], 0];
        yield 'the first laid last: it alone' => [[1, 2, 3, 4, 0], 1];
        yield 'the last laid first: it alone' => [[4, 0, 1, 2, 3], 1];
        yield 'two neighbours changed: one of them' => [[0, 2, 1, 3, 4], 1];
        yield 'halves changed: the shorter one' => [[3, 4, 0, 1, 2], 2];
        yield 'backwards: all but one' => [[4, 3, 2, 1, 0], 4];
    }

    /** @param list<int> $laid */
    #[DataProvider('laid')]
    public function testAsFewStepsAsPossibleMustMove(array $laid, int $moved): void
    {
        $out = StepOrder::outOfPlace($laid);
        self::assertCount($moved, $out);
        $left = array_values(array_diff($laid, $out));
        $sorted = $left;
        sort($sorted);
        self::assertSame($sorted, $left, 'what stays is in order');
    }

    public function testCardsAreLaidByTheirOwnSteps(): void
    {
        $seen = [];
        for ($seed = 1; $seed <= 40; $seed++) {
            $order = (new QuizMaker(DrillTest::stock(), new SeededDice($seed)))->order();
            self::assertEquals($order, (new QuizMaker(DrillTest::stock(), new SeededDice($seed)))->order(), 'the same seed, the same card');
            self::assertGreaterThanOrEqual(4, count($order->steps));
            self::assertEqualsCanonicalizing(array_keys($order->steps), $order->mixed);
            $codes = array_map(static fn(CardStep $step): string => $step->code->value, $order->steps);
            self::assertSame(array_unique($codes), $codes);
            $seen[implode(' ', $codes)] = true;
        }
        self::assertGreaterThan(5, count($seen));
    }
}
