<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Quantity\Unit;

/** Outside these a value is a slip of the keyboard, not a measurement, and is refused. The figures are the case format's own. */
final readonly class Bounds
{
    public const MONTHS = 300;

    public const OFFSET_MM = 500;
    public const WEDGES = 20;

    public const FIRST_YEAR = 1950;

    public const LAST_YEAR = 2150;

    /** How far ahead a due date may lie, in days. */
    public const DUE_DAYS = 300;

    public static function length(): Length
    {
        return Length::of(5000);
    }

    public static function mass(): Mass
    {
        return Mass::of(300);
    }

    public static function childHeight(): Length
    {
        return Length::of(2500);
    }

    public static function childWeight(): Mass
    {
        return Mass::of(200);
    }

    /** Whether a maker's figure is one that could be printed. */
    public static function allows(Quantity $limit): bool
    {
        $max = self::of($limit);

        return ! $limit->value->isNegative() && ($max === null || ! $limit->isMoreThan($max));
    }

    public static function describe(Quantity $limit): string
    {
        return '0 to ' . (self::of($limit)?->show() ?? self::MONTHS . ' months');
    }

    /** @param class-string<Unit> $units */
    public static function unit(string $units, string $symbol): ?Unit
    {
        foreach ($units::cases() as $unit) {
            if ($unit->symbol() === $symbol) {
                return $unit;
            }
        }

        return null;
    }

    private static function of(Quantity $limit): ?Quantity
    {
        return match (true) {
            $limit instanceof Length => self::length(),
            $limit instanceof Mass => self::mass(),
            $limit instanceof Angle => Angle::of(90),
            default => null,
        };
    }
}
