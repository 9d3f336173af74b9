<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use BackedEnum;
use Brick\Math\BigDecimal;
use InvalidArgumentException;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Facts\Definition\Field;
use MintBuckle\Core\Facts\Definition\FieldType;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** One value of the file to what its field declares. Null where it is wrong, which is noted with its path. */
final readonly class ValueReader
{
    public const MAX_TEXT = 2000;

    public static function read(Field $field, mixed $value, string $path, Problems $problems): mixed
    {
        return match ($field->type) {
            FieldType::Flag => self::flag($value, $path, $problems),
            FieldType::Choice => self::choice($value, $path, $field->enum(), $problems),
            FieldType::Length, FieldType::Mass, FieldType::Angle => QuantityReader::measured($field, $value, $path, $problems),
            FieldType::Limit => LimitReader::read($value, $path, $field->units(), $problems),
            FieldType::Section => self::section($value, $path, $field->section(), $problems),
            FieldType::Text => self::text($field, $value, $path, $problems),
            FieldType::Whole => self::whole($value, $path, $field->within->min ?? 0, $field->within->max ?? PHP_INT_MAX, $problems),
            FieldType::Date => self::date($value, $path, $problems),
            FieldType::PartialDate => self::partialDate($value, $path, $problems),
            FieldType::Months => self::months($value, $path, $problems),
            FieldType::Number => self::number($field, $value, $path, $problems),
            FieldType::Texts, FieldType::Wholes, FieldType::Choices, FieldType::Sections => ListReader::read(
                $field,
                $value,
                $path,
                $problems,
            ),
            FieldType::Map => ListReader::map($field, $value, $path, $problems),
        };
    }

    public static function flag(mixed $value, string $path, Problems $problems): ?bool
    {
        return is_bool($value) ? $value : $problems->add($path, 'must be true, false or null');
    }

    /**
     * @template T of BackedEnum
     * @param class-string<T> $enum
     * @return T|null
     */
    public static function choice(mixed $value, string $path, string $enum, Problems $problems): ?BackedEnum
    {
        $text = is_string($value) ? $value : '';
        $now = SectionReader::RENAMED[$text] ?? null;

        return $enum::tryFrom($text) ?? $problems->add($path, $now === null
            ? 'must be one of ' . implode(', ', array_map(static fn(BackedEnum $case): string => (string) $case->value, $enum::cases()))
            : "{$text} is called {$now} now; rename it and read the file again");
    }

    public static function words(mixed $value, string $path, Problems $problems): ?string
    {
        return match (true) {
            ! is_string($value) => $problems->add($path, 'must be text'),
            mb_strlen($value) > self::MAX_TEXT || trim($value) === '' => $problems->add(
                $path,
                'must hold 1 to 2,000 characters',
                new Message('problems.length'),
            ),
            default => $value,
        };
    }

    public static function whole(mixed $value, string $path, int $min, int $max, Problems $problems): ?int
    {
        // 3.0 is as whole as 3: some programs write it so.
        $whole = is_float($value) && floor($value) === $value && abs($value) < PHP_INT_MAX ? (int) $value : $value;

        return is_int($whole) && $whole >= $min && $whole <= $max
            ? $whole
            : $problems->add(
                $path,
                "must be a whole number from {$min} to {$max}",
                new Message('problems.whole', ['min' => $min, 'max' => $max]),
            );
    }

    public static function months(mixed $value, string $path, Problems $problems): ?Months
    {
        $months = self::whole($value, $path, 0, Bounds::MONTHS, $problems);

        return $months === null ? null : Months::of($months);
    }

    public static function date(mixed $value, string $path, Problems $problems): ?CalendarDate
    {
        return self::parsed($value, $path, CalendarDate::parse(...), $problems);
    }

    /**
     * @template T of object
     * @param class-string<T> $class
     * @return T|null
     */
    public static function section(mixed $value, string $path, string $class, Problems $problems): ?object
    {
        return $value instanceof stdClass
            ? SectionReader::read($class, $value, $path . '.', $problems)
            : $problems->add($path, 'must be an object');
    }

    private static function partialDate(mixed $value, string $path, Problems $problems): ?PartialDate
    {
        return self::parsed($value, $path, PartialDate::parse(...), $problems);
    }

    /** Blank text says nothing: it reads as unknown, or as missing where it is required. */
    private static function text(Field $field, mixed $value, string $path, Problems $problems): ?string
    {
        return match (true) {
            $field->like !== null => is_string($value) && $field->like->matches($value)
                ? $value
                : $problems->add($path, "must be {$field->like->words}"),
            is_string($value) && trim($value) === '' => $field->isRequired ? $problems->add($path, 'must not be blank') : null,
            default => self::words($value, $path, $problems),
        };
    }

    private static function number(Field $field, mixed $value, string $path, Problems $problems): ?BigDecimal
    {
        $number = ExactNumber::from($value);
        $within = $field->within;

        return match (true) {
            $number === null => $problems->add($path, 'must be a number', new Message('problems.number')),
            $within === null => $number,
            $number
                ->isLessThan($within->min) || $number
                ->isGreaterThan($within->max) => $problems
                ->add(
                    $path,
                    "must be {$within->min} to {$within->max}",
                    new Message('problems.range', ['min' => (string) $within->min, 'max' => (string) $within->max]),
                ),
            $within->halves && $number
                ->multipliedBy(2)
                ->hasNonZeroFractionalPart() => $problems
                ->add($path, 'must be in whole or half turns', new Message('problems.halves')),
            default => $number,
        };
    }

    /**
     * @template T of object
     * @param callable(string): T $parse
     * @return T|null
     */
    private static function parsed(mixed $value, string $path, callable $parse, Problems $problems): ?object
    {
        $text = self::words($value, $path, $problems);
        if ($text === null) {
            return null;
        }
        try {
            $date = $parse($text);
        } catch (InvalidArgumentException $e) {
            return $problems->add($path, $e->getMessage(), new Message('problems.date', ['text' => $text]));
        }
        $year = (int) $text;

        return $year < Bounds::FIRST_YEAR || $year > Bounds::LAST_YEAR
            ? $problems->add(
                $path,
                sprintf('must lie in the years %d to %d', Bounds::FIRST_YEAR, Bounds::LAST_YEAR),
                new Message('problems.years', ['from' => (string) Bounds::FIRST_YEAR, 'to' => (string) Bounds::LAST_YEAR]),
            )
            : $date;
    }
}
