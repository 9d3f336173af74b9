<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Card\ShowBack;
use MintBuckle\Core\Card\ShownHow;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShowBackTest extends TestCase
{
    /** @return iterable<string, array{array<int, list<ShownHow|null>>, bool, list<int>}> by adult, begun, who lacks something */
    public static function families(): iterable
    {
        [$alone, $help, $again] = ShownHow::cases();
        yield 'no card' => [[], false, []];
        yield 'nobody began' => [[1 => [null, null]], false, [1]];
        yield 'one of two steps' => [[1 => [$alone, null]], true, [1]];
        yield 'with help' => [[1 => [$alone, $help]], true, [1]];
        yield 'to do again' => [[1 => [$again, $alone]], true, [1]];
        yield 'all alone' => [[1 => [$alone, $alone]], true, []];
        yield 'one of two adults' => [[1 => [$alone, $alone], 2 => [null, null]], true, [2]];
        yield 'each a half' => [[1 => [$alone, null], 2 => [null, $alone]], true, [1, 2]];
        yield 'both' => [[1 => [$alone], 2 => [$alone]], true, []];
    }

    /**
     * @param array<int, list<ShownHow|null>> $byAdult
     * @param list<int> $lacking
     */
    #[DataProvider('families')]
    public function testEachAdultDoesEachStepAlone(array $byAdult, bool $begun, array $lacking): void
    {
        $shown = new ShowBack($byAdult);
        self::assertSame([$begun, $lacking, $byAdult !== [] && $lacking === []], [$shown->isBegun(), $shown->lacking(), $shown->isDone()]);
    }

    public function testWhatWasKeptBefore(): void
    {
        self::assertSame([ShownHow::Alone, ShownHow::WithHelp, ShownHow::Again, null, null, null], array_map(ShownHow::of(...), [true, 'help', 'again', null, 'yes', false]));
    }
}
