<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\Exception\NumberFormatException;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    /** @return iterable<string, array{Quantity, Quantity, int}> */
    public static function comparisons(): iterable
    {
        yield 'an inch is 25.4 mm' => [Length::of(1, LengthUnit::Inch), Length::of('25.4'), 0];
        yield 'a hair under' => [Length::of('25.3999999999999999999'), Length::of(1, LengthUnit::Inch), -1];
        yield 'a hair over' => [Length::of('25.4000000000000000001'), Length::of(1, LengthUnit::Inch), 1];
        yield 'forty pounds exactly' => [Mass::of(40, MassUnit::Pound), Mass::of('18.1436948'), 0];
        yield 'forty pounds are more than 18.143 694 7 kg' => [Mass::of(40, MassUnit::Pound), Mass::of('18.1436947'), 1];
        yield 'sixteen ounces are a pound' => [Mass::of(16, MassUnit::Ounce), Mass::of(1, MassUnit::Pound), 0];
        yield 'a tenth added ten times is one' => [array_reduce(array_fill(0, 9, Mass::of('0.1')), static fn(Mass $sum, Mass $one): Mass => $sum->plus($one), Mass::of('0.1')), Mass::of(1), 0];
        yield 'months' => [Months::of(11), Months::of(12), -1];
        yield 'degrees' => [Angle::of('30.0'), Angle::of(30), 0];
    }

    #[DataProvider('comparisons')]
    public function testCompares(Quantity $a, Quantity $b, int $order): void
    {
        self::assertSame([$order, -$order, $order === 0], [$a->compareTo($b), $b->compareTo($a), $a->equals($b)]);
        self::assertSame([$order < 0, $order > 0], [$a->isLessThan($b), $a->isMoreThan($b)]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function sentences(): iterable
    {
        yield 'one decimal at most' => [Length::of('25.44')->show(), '25.4 mm'];
        yield 'halves away from zero' => [Length::of('25.45')->show(), '25.5 mm'];
        yield 'no needless decimals' => [Length::of('30.0')->show(), '30 mm'];
        yield 'tens keep their zeros' => [Mass::of(40, MassUnit::Pound)->show(), '40 lb'];
        yield 'in another unit' => [Mass::of(40, MassUnit::Pound)->show(MassUnit::Kilogram), '18.1 kg'];
        yield 'degrees' => [Angle::of('27.25')->show(), '27.3°'];
        yield 'one month' => [Months::of(1)->show(), '1 month'];
        yield 'months' => [Months::of(24)->show(), '24 months'];
    }

    #[DataProvider('sentences')]
    public function testShows(string $shown, string $expected): void
    {
        self::assertSame($expected, $shown);
    }

    public function testWritesWhatWasGiven(): void
    {
        self::assertSame(['value' => 0.25, 'unit' => 'in'], Length::of('0.250', LengthUnit::Inch)->toArray());
        self::assertSame(['value' => 40, 'unit' => 'lb'], Mass::of('40.0', MassUnit::Pound)->toArray());
        self::assertSame(['value' => 18.1436948, 'unit' => 'kg'], Mass::of(40, MassUnit::Pound)->in(MassUnit::Kilogram)->toArray());
    }

    public function testRefusesWhatIsNoNumber(): void
    {
        $this->expectException(NumberFormatException::class);
        Length::of('25,4');
    }
}
