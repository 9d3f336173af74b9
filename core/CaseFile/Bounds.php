<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Facts\Definition\FieldType;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Quantity\Unit;

/** Outside these a value is a slip of the keyboard, not a measurement, and is refused. The figures are the case format's own. */
final readonly class Bounds
{
    public const MONTHS = 300;

    public const FIRST_YEAR = 1950;

    public const LAST_YEAR = 2150;

    /** How far ahead a due date may lie, in days. */
    public const DUE_DAYS = 300;

    private const LENGTH_MM = 5000;

    private const MASS_KG = 300;

    private const ANGLE_DEG = 90;

    /** @return array{Quantity, Quantity} least and greatest, of a measurement whose field may set its own */
    public static function of(FieldType $type, ?Within $within): array
    {
        return match ($type) {
            FieldType::Mass => [Mass::of($within->min ?? 0), Mass::of($within->max ?? self::MASS_KG)],
            FieldType::Angle => [Angle::of($within->min ?? 0), Angle::of($within->max ?? self::ANGLE_DEG)],
            default => [Length::of($within->min ?? 0), Length::of($within->max ?? self::LENGTH_MM)],
        };
    }

    /** Whether a maker's figure is one that could be printed. */
    public static function allows(Quantity $limit): bool
    {
        $max = self::greatest($limit);

        return ! $limit->value->isNegative() && ($max === null || ! $limit->isMoreThan($max));
    }

    public static function describe(Quantity $limit): string
    {
        return '0 to ' . (self::greatest($limit)?->show() ?? self::MONTHS . ' months');
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

    public static function greatest(Quantity $limit): ?Quantity
    {
        return match (true) {
            $limit instanceof Length => Length::of(self::LENGTH_MM),
            $limit instanceof Mass => Mass::of(self::MASS_KG),
            $limit instanceof Angle => Angle::of(self::ANGLE_DEG),
            default => null,
        };
    }
}
