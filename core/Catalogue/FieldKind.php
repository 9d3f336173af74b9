<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use LogicException;
use MintBuckle\Core\Facts\Definition\Field;
use MintBuckle\Core\Facts\Definition\FieldType;
use MintBuckle\Core\Facts\ReclineRow;
use MintBuckle\Core\Facts\Slot;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Unit;

/** How a maker's rule is typed. */
enum FieldKind
{
    case Text;
    case Whole;
    case Mass;
    case Length;
    case MassLimit;
    case LengthLimit;
    case MonthLimit;
    case AngleLimit;
    case YesNo;
    case Choice;
    /** Words parted by commas. */
    case Words;
    /** Whole numbers parted by commas. */
    case Numbers;
    /** Lengths parted by commas, lowest first. */
    case Heights;
    /** Settings, by weight where the maker says so: "1, 2 to 40 lb; 3 from 40 lb". */
    case Recline;

    public static function of(Field $field): self
    {
        return match ($field->type) {
            FieldType::Text => self::Text,
            FieldType::Whole => self::Whole,
            FieldType::Mass => self::Mass,
            FieldType::Length => self::Length,
            FieldType::Flag => self::YesNo,
            FieldType::Choice => self::Choice,
            FieldType::Texts => self::Words,
            FieldType::Wholes => self::Numbers,
            FieldType::Limit => self::ofLimit($field->units()),
            FieldType::Sections => match ($field->section()) {
                Slot::class => self::Heights,
                ReclineRow::class => self::Recline,
                default => throw new LogicException("{$field->key} has no way to be typed"),
            },
            default => throw new LogicException("{$field->key} has no way to be typed"),
        };
    }

    public function hint(): ?string
    {
        return match ($this) {
            self::MassLimit => '40 lb. More rules: 40 lb; 35 lb with lower anchors; under 40 lb; 50 lb made from 2024-01-01',
            self::LengthLimit => '49 in, or 125 cm; the same additions',
            self::MonthLimit => '24 months',
            self::AngleLimit => '45 deg, from the vertical',
            self::Mass => '20 lb or 9.1 kg',
            self::Length => '17.5 in or 445 mm',
            self::Words => 'parted by commas',
            self::Numbers => '1, 2',
            self::Heights => '7.9 in, 9.6 in, 11.4 in: lowest first',
            self::Recline => '1, 2 to 40 lb; 3 from 40 lb',
            default => null,
        };
    }

    /** @param class-string<Unit> $units */
    private static function ofLimit(string $units): self
    {
        return match ($units) {
            MassUnit::class => self::MassLimit,
            LengthUnit::class => self::LengthLimit,
            AngleUnit::class => self::AngleLimit,
            default => self::MonthLimit,
        };
    }
}
