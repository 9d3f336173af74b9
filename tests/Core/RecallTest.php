<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Recall\Folded;
use MintBuckle\Core\Recall\Serial;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RecallTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function names(): iterable
    {
        yield 'case and spaces' => ['Otter Moor', 'OTTERMOOR'];
        yield 'punctuation' => ['OM-220/B', 'om 220b'];
        yield 'accents' => ['Ôttèrmöör', 'ottermoor'];
        yield 'sharp s' => ['Straße', 'STRASSE'];
        yield 'full-width letters' => ['ＯＭ２２０', 'om220'];
        yield 'ligature' => ["Af\u{fb01}ne", 'affine'];
        yield 'Turkish dotted I folds apart from its dot' => ['İris', 'iris'];
    }

    #[DataProvider('names')]
    public function testFolds(string $a, string $b): void
    {
        self::assertSame(Folded::text($b), Folded::text($a));
    }

    /** @return iterable<string, array{string, string, bool}> */
    public static function patterns(): iterable
    {
        yield 'whole' => ['OM-220', 'om 220', true];
        yield 'not a part of it' => ['OM-22', 'OM-220', false];
        yield 'any run' => ['OM-22*', 'OM-22', true];
        yield 'any run, longer' => ['OM-22*', 'OM-220 Mk II', true];
        yield 'in the middle' => ['O*0', 'OM-220', true];
        yield 'one character' => ['OM-22?', 'OM-220', true];
        yield 'one character, not none' => ['OM-22?', 'OM-22', false];
        yield 'one character, not two' => ['OM-2?', 'OM-220', false];
        yield 'nothing else is special' => ['OM.2+', 'OM-2', true];
        yield 'a dot is no wildcard' => ['O.M', 'OXM', false];
        yield 'everything' => ['*', 'PW-1', true];
    }

    #[DataProvider('patterns')]
    public function testPatterns(string $pattern, string $model, bool $matches): void
    {
        self::assertSame($matches, Folded::matches($pattern, $model));
    }

    /** @return iterable<string, array{string, string, int|null}> */
    public static function serials(): iterable
    {
        yield 'numbers' => ['9', '10', -1];
        yield 'leading zeros' => ['0009', '9', 0];
        yield 'longer than an integer' => ['98765432109876543210', '98765432109876543211', -1];
        yield 'prefix and number' => ['A099', 'A100', -1];
        yield 'letters as text' => ['B001', 'A999', 1];
        yield 'case' => ['a1', 'A1', 0];
        yield 'dashes' => ['A-1-B', 'A1B', 0];
        yield 'another shape' => ['A1', '1A', null];
        yield 'no letters against letters' => ['1', 'A1', null];
    }

    #[DataProvider('serials')]
    public function testSerials(string $a, string $b, ?int $order): void
    {
        $found = Serial::of($a)->compareTo(Serial::of($b));
        self::assertSame($order, $found === null ? null : $found <=> 0);
    }
}
