<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Units;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Written\Amount;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Numbers as people write them, and the units they work in. */
final class AmountTest extends TestCase
{
    /** @return iterable<string, array{string, int|float|null}> */
    public static function written(): iterable
    {
        yield 'a whole' => ['12', 12];
        yield 'with spaces around' => ['  12 ', 12];
        yield 'nothing of it' => ['0', 0];
        yield 'a point' => ['12.5', 12.5];
        yield 'a comma' => ['12,5', 12.5];
        yield 'a half' => ['1/2', 0.5];
        yield 'one and a half' => ['1 1/2', 1.5];
        yield 'a half in one sign' => ['½', 0.5];
        yield 'one and a half in two signs' => ['1½', 1.5];
        yield 'three quarters' => ['2 ¾', 2.75];
        yield 'eighths' => ['29 3/8', 29.375];
        yield 'sixteenths' => ['5/16', 0.3125];
        yield 'below' => ['-12', -12];
        yield 'below, with a real minus' => ["\u{2212}12", -12];
        yield 'a third has no end' => ['1/3', null];
        yield 'no fraction of nothing' => ['1/0', null];
        yield 'words' => ['twelve', null];
        yield 'nothing' => ['', null];
        yield 'two numbers' => ['12 13', null];
        yield 'two points' => ['1.2.3', null];
        yield 'a power' => ['1e3', null];
        yield 'a unit' => ['12 in', null];
        yield 'hexadecimal' => ['0x1F', null];
        yield 'more digits than a tape' => ['12345678', null];
    }

    #[DataProvider('written')]
    public function testParses(string $text, int|float|null $number): void
    {
        self::assertSame($number, Amount::parse($text));
    }

    public function testUnitsOfEachKind(): void
    {
        self::assertSame([LengthUnit::Inch, MassUnit::Pound], [Units::Imperial->for(AnswerKind::Length), Units::Imperial->for(AnswerKind::Mass)]);
        self::assertSame([LengthUnit::Millimetre, MassUnit::Kilogram], [Units::Metric->for(AnswerKind::Length), Units::Metric->for(AnswerKind::Mass)]);
        self::assertNull(Units::Metric->for(AnswerKind::YesNo));
        self::assertSame(['0.25', '5', '1', '0.5'], [Units::Imperial->step(AnswerKind::Length), Units::Metric->step(AnswerKind::Length), Units::Imperial->step(AnswerKind::Mass), Units::Metric->step(AnswerKind::Mass)]);
    }

    public function testRemembersOnlyWhatMakesSense(): void
    {
        self::assertSame(Units::Metric, Units::remembered('metric'));
        self::assertSame(Units::Imperial, Units::remembered('furlongs'));
        self::assertSame(Units::Imperial, Units::remembered(null));
        self::assertSame(Units::Imperial, Units::remembered(['metric']));
    }
}
