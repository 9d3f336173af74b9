<?php

declare(strict_types=1);

namespace App\Checks;

use App\Units;
use Brick\Math\RoundingMode;
use InvalidArgumentException;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** A fact's value as a person reads it or has typed it. */
final readonly class FactText
{
    /** As it is told: a quantity, the answer's own words, a name as it was entered. */
    public static function of(AskedRow $row, mixed $value): Quantity|Message|Listing|string
    {
        $quantity = self::quantity($value);

        return match (true) {
            $quantity !== null => $quantity,
            is_bool($value) => $row->choices[$value ? 'yes' : 'no'] ?? new Message($value ? 'answers.yes' : 'answers.no'),
            is_array($value) => $value === [] ? new Message('answers.nothing') : Listing::names(array_values(array_map(
                static function (mixed $v) use ($row): Quantity|Message|string {
                    $one = self::of($row, $v);

                    return $one instanceof Listing ? '' : $one;
                },
                $value,
            ))),
            is_string($value) && in_array($row->askable->kind, [AnswerKind::Date, AnswerKind::PartialDate], true) => self::date($value),
            $value instanceof stdClass => self::plain($value->name ?? $value->id ?? ''),
            default => $row->choices[self::plain($value)] ?? self::plain($value),
        };
    }

    /** A date as it was kept, told as people read it. */
    private static function date(string $kept): Message|string
    {
        try {
            return new Message('telling.date', ['date' => PartialDate::parse($kept)]);
        } catch (InvalidArgumentException) {
            return $kept;
        }
    }

    public static function isChosen(string|int $choice, mixed $value): bool
    {
        return match (true) {
            is_bool($value) => $choice === ($value ? 'yes' : 'no'),
            default => $value !== null && (string) $choice === self::plain($value),
        };
    }

    public static function lines(mixed $value): string
    {
        return implode("\n", array_map(
            static fn(mixed $line): string => $line instanceof stdClass
                ? self::measured(self::quantity($line->height ?? null))
                : self::plain($line),
            is_array($value) ? $value : [],
        ));
    }

    /** A measurement as it was entered, its unit with it: kept again it stays what it is. */
    private static function measured(?Quantity $quantity): string
    {
        return $quantity === null ? '' : "{$quantity->value} {$quantity->unit->symbol()}";
    }

    /** What stands in a text field. */
    public static function typed(AskedRow $row): string
    {
        return $row->askable->kind === AnswerKind::Share && (is_int($row->value) || is_float($row->value))
            ? self::plain($row->value * 100)
            : self::plain($row->value);
    }

    /** What stands in a number field, in the unit shown beside it. */
    public static function amount(AskedRow $row, Units $units): string
    {
        $quantity = self::quantity($row->value);
        $unit = $units->for($row->askable->kind);

        return $quantity === null || $unit === null
            ? ''
            : rtrim(rtrim((string) $quantity->in($unit)->value->toScale(2, RoundingMode::HALF_UP), '0'), '.');
    }

    private static function quantity(mixed $value): ?Quantity
    {
        if (! $value instanceof stdClass || ! isset($value->value, $value->unit) || ! is_string($value->unit)) {
            return null;
        }
        $number = json_encode($value->value, JSON_THROW_ON_ERROR);

        return match (true) {
            LengthUnit::tryFrom($value->unit) !== null => Length::of($number, LengthUnit::from($value->unit)),
            MassUnit::tryFrom($value->unit) !== null => Mass::of($number, MassUnit::from($value->unit)),
            AngleUnit::tryFrom($value->unit) !== null => Angle::of($number),
            default => null,
        };
    }

    private static function plain(mixed $value): string
    {
        return is_scalar($value) && ! is_bool($value) ? (string) $value : '';
    }
}
