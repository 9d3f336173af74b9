<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Facts\Definition\Field;
use MintBuckle\Core\Facts\Definition\FieldType;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\MonthUnit;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Quantity\Unit;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** Measured things: a value with its unit. */
final readonly class QuantityReader
{
    private const KEYS = ['value' => true, 'unit' => true];

    /** A measurement within the bounds of its field. */
    public static function measured(Field $field, mixed $value, string $path, Problems $problems): ?Quantity
    {
        if (! $value instanceof stdClass) {
            return $problems->add($path, 'must be an object');
        }
        $quantity = self::amount($value, $path, self::units($field->type), $problems);
        foreach (array_diff_key((array) $value, self::KEYS) as $key => $_) {
            $problems->add("{$path}.{$key}", 'is not a key of this format');
        }
        if ($quantity === null) {
            return null;
        }
        [$min, $max] = Bounds::of($field->type, $field->within);

        return $quantity->isLessThan($min) || $quantity->isMoreThan($max)
            ? $problems->add(
                $path,
                "must be {$min->show()} to {$max->show()}",
                new Message('problems.between', ['min' => $min, 'max' => $max]),
            )
            : $quantity;
    }

    /**
     * The quantity that an object's value and unit name; its other keys are the caller's.
     *
     * @param class-string<Unit> $units
     */
    public static function amount(stdClass $data, string $path, string $units, Problems $problems): ?Quantity
    {
        $number = ExactNumber::from($data->value ?? null);
        if ($number === null) {
            return $problems->add("{$path}.value", 'must be a number');
        }
        $symbol = $data->unit ?? null;
        $unit = Bounds::unit($units, is_string($symbol) ? $symbol : '');

        return match (true) {
            $unit instanceof LengthUnit => Length::of($number, $unit),
            $unit instanceof MassUnit => Mass::of($number, $unit),
            $unit instanceof AngleUnit => Angle::of($number, $unit),
            $unit instanceof MonthUnit => ValueReader::months($data->value, "{$path}.value", $problems),
            default => $problems->add(
                "{$path}.unit",
                'must be one of ' . implode(', ', array_map(static fn(Unit $u): string => $u->symbol(), $units::cases())),
            ),
        };
    }

    /** @return class-string<Unit> */
    private static function units(FieldType $type): string
    {
        return match ($type) {
            FieldType::Mass => MassUnit::class,
            FieldType::Angle => AngleUnit::class,
            default => LengthUnit::class,
        };
    }
}
