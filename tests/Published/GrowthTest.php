<?php

declare(strict_types=1);

namespace Tests\Published;

use MintBuckle\Core\Facts\Sex;
use MintBuckle\Core\Growth\GrowthCurve;
use MintBuckle\Core\Growth\GrowthReference;
use MintBuckle\Core\Growth\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** WHO Child Growth Standards 2006 and CDC Growth Charts 2000: printed centiles to curves and back. */
final class GrowthTest extends TestCase
{
    private const CENTILES = [0.03, 0.05, 0.10, 0.25, 0.50, 0.75, 0.90, 0.95, 0.97];

    /** The normal quantile against numeric integration of the density: Phi(z) by Simpson's rule. */
    public function testZIsTheNormalQuantile(): void
    {
        foreach (self::CENTILES as $i => $p) {
            self::assertEqualsWithDelta($p, self::phi(GrowthReference::Z[$i]), 1e-10);
        }
    }

    /** @return iterable<string, array{Sex, Measure, int|float, float, float}> sex, measure, months, 3rd, 50th centile as other printings give them, from memory, to the digits they print */
    public static function spots(): iterable
    {
        yield 'WHO weight-for-age, girls 12 months: 50th 8.9 kg' => [Sex::Female, Measure::Weight, 12, 7.1, 8.9];
        yield 'WHO weight-for-age, boys 6 months: 50th 7.9 kg' => [Sex::Male, Measure::Weight, 6, 6.4, 7.9];
        yield 'WHO length-for-age, girls 12 months: 50th 74.0 cm' => [Sex::Female, Measure::Height, 12, 69.2, 74.0];
        yield 'WHO length-for-age, boys 12 months: 50th 75.7 cm' => [Sex::Male, Measure::Height, 12, 71.3, 75.7];
    }

    #[DataProvider('spots')]
    public function testSpotValues(Sex $sex, Measure $measure, int|float $months, float $third, float $median): void
    {
        self::assertEqualsWithDelta($third, GrowthReference::centile($sex, $measure, $months, 0), 0.051);
        self::assertEqualsWithDelta($median, GrowthReference::centile($sex, $measure, $months, 4), 0.051);
    }

    /** Every printed centile of every sixth month: value to z and back to the same value, and the z is that of the centile. */
    public function testCentilesToValuesAndBack(): void
    {
        foreach (Sex::cases() as $sex) {
            foreach (Measure::cases() as $measure) {
                for ($months = 1; $months <= 190; $months += 6) {
                    foreach (array_keys(self::CENTILES) as $column) {
                        $value = GrowthReference::centile($sex, $measure, $months, $column);
                        $curve = GrowthCurve::through($sex, $measure, $months, $value);
                        self::assertEqualsWithDelta(GrowthReference::Z[$column], $curve->z, 1e-9);
                        self::assertEqualsWithDelta($value, $curve->at($months), 1e-9);
                    }
                }
            }
        }
    }

    public function testBetweenColumnsItIsLinearInZAndBeyondThemTheRatioStays(): void
    {
        $third = GrowthReference::centile(Sex::Female, Measure::Weight, 12, 0);
        $fifth = GrowthReference::centile(Sex::Female, Measure::Weight, 12, 1);
        $between = GrowthCurve::through(Sex::Female, Measure::Weight, 12, ($third + $fifth) / 2);
        $heavy = GrowthCurve::through(Sex::Female, Measure::Weight, 12, 1.1 * GrowthReference::centile(Sex::Female, Measure::Weight, 12, 8));

        self::assertEqualsWithDelta((GrowthReference::Z[0] + GrowthReference::Z[1]) / 2, $between->z, 1e-9);
        self::assertEqualsWithDelta(1.1 * GrowthReference::centile(Sex::Female, Measure::Weight, 60, 8), $heavy->at(60), 1e-9);
    }

    public function testBeforeTheFirstRowItIsUsed(): void
    {
        self::assertSame(GrowthReference::centile(Sex::Male, Measure::Weight, 0.46, 4), GrowthReference::centile(Sex::Male, Measure::Weight, 0, 4));
        self::assertEqualsWithDelta((GrowthReference::centile(Sex::Male, Measure::Weight, 5, 4) + GrowthReference::centile(Sex::Male, Measure::Weight, 6, 4)) / 2, GrowthReference::centile(Sex::Male, Measure::Weight, 5.5, 4), 1e-9);
    }

    /** Halving against counting: the first month beyond a figure, for children of every kind. */
    public function testTheFirstMonthBeyond(): void
    {
        foreach (Sex::cases() as $sex) {
            foreach ([[6, 6.2], [14, 9.5], [30, 12.0], [52, 25.0], [60, 14.0]] as [$age, $kg]) {
                $curve = GrowthCurve::through($sex, Measure::Weight, $age, $kg);
                foreach ([13.6078, 18.1437, 29.4835] as $figure) {
                    $counted = null;
                    for ($ahead = 1; $counted === null && $age + $ahead <= GrowthReference::LAST_MONTHS; $ahead++) {
                        $counted = $curve->at($age + $ahead) > $figure ? $ahead : null;
                    }
                    self::assertSame($counted, $curve->firstMonthBeyond($figure, false), "{$sex->value} {$age} months {$kg} kg to {$figure}");
                }
            }
        }
    }

    /** Reaching a figure, or only passing it; and the last month of the tables, beyond which nothing is said. */
    public function testWhereTheFigureIsMetExactly(): void
    {
        $curve = GrowthCurve::through(Sex::Female, Measure::Weight, 12, 9.0);
        self::assertSame([8, 9], [$curve->firstMonthBeyond($curve->at(20), true), $curve->firstMonthBeyond($curve->at(20), false)]);

        $last = GrowthReference::LAST_MONTHS;
        $near = static fn(int $months, float $figure): ?int => GrowthCurve::through(Sex::Male, Measure::Weight, $months, 60.0)->firstMonthBeyond($figure, true);
        self::assertSame([1, null, null, null], [$near($last - 1, 50.0), $near($last, 50.0), $near($last - 1, 99.0), $near($last, 99.0)]);
    }

    /** Up to 24 months the WHO standards, from then on the CDC charts: the same table for a value and for the centiles of a day. */
    public function testTheTablesChangeAtTwentyFourMonths(): void
    {
        foreach ([23.99, 24.0, 24.01] as $months) {
            foreach (Sex::cases() as $sex) {
                $centiles = GrowthReference::centiles($sex, Measure::Height, $months);
                self::assertEqualsWithDelta($centiles, array_map(static fn(int $c): float => GrowthReference::centile($sex, Measure::Height, $months, $c), array_keys($centiles)), 1e-9, "{$sex->value} {$months}");
            }
        }
    }

    public function testShiftedCurvesLieOnBothSides(): void
    {
        foreach ([9.5, 6.0, 16.0] as $kg) {
            $curve = GrowthCurve::through(Sex::Female, Measure::Weight, 14, $kg);
            self::assertLessThan($curve->at(40), $curve->shifted(-0.5)->at(40));
            self::assertGreaterThan($curve->at(40), $curve->shifted(0.5)->at(40));
        }
    }

    private static function phi(float $z): float
    {
        $n = 20_000;
        $h = abs($z) / $n;
        $sum = 0.0;
        for ($i = 0; $i <= $n; $i++) {
            $sum += ($i === 0 || $i === $n ? 1 : ($i % 2 === 1 ? 4 : 2)) * exp(-($i * $h) ** 2 / 2);
        }

        return 0.5 + ($z < 0 ? -1 : 1) * $sum * $h / 3 / sqrt(2 * M_PI);
    }
}
