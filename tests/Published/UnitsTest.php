<?php

declare(strict_types=1);

namespace Tests\Published;

use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Unit factors against the International Yard and Pound Agreement of 1959, and against GNU units, an outside tool with its own tables. */
final class UnitsTest extends TestCase
{
    /** @return iterable<string, array{Unit, string}> the factor to mm or kg as the agreement gives it, from memory */
    public static function agreement(): iterable
    {
        yield '1959: the event is 0.9144 m, so the inch is 25.4 mm' => [LengthUnit::Inch, '25.4'];
        yield '1959: the pound is 0.453 592 37 kg' => [MassUnit::Pound, '0.45359237'];
        yield '1959: the ounce is a sixteenth of it' => [MassUnit::Ounce, '0.028349523125'];
    }

    #[DataProvider('agreement')]
    public function testAgreement(Unit $unit, string $factor): void
    {
        self::assertSame($factor, (string) $unit->factor());
    }

    /** @return iterable<string, array{Unit, string}> */
    public static function units(): iterable
    {
        foreach (LengthUnit::cases() as $unit) {
            yield "GNU units: {$unit->value} in mm" => [$unit, 'mm'];
        }
        foreach (MassUnit::cases() as $unit) {
            yield "GNU units: {$unit->value} in kg" => [$unit, 'kg'];
        }
    }

    #[DataProvider('units')]
    public function testGnuUnits(Unit $unit, string $base): void
    {
        $units = new Process(['units', '--terse', '--digits', '15', '1 ' . $unit->symbol(), $base]);
        $units->mustRun();

        self::assertEqualsWithDelta((float) trim($units->getOutput()), $unit->factor()->toFloat(), 1e-15);
    }
}
