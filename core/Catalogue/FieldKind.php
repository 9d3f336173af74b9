<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use LogicException;
use MintBuckle\Core\Facts\Definition\Field;
use MintBuckle\Core\Facts\Definition\FieldType;
use MintBuckle\Core\Facts\Insert;
use MintBuckle\Core\Facts\ReclineRow;
use MintBuckle\Core\Facts\Slot;
use MintBuckle\Core\Facts\Zone;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Unit;
use MintBuckle\Core\Telling\Message;

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
    /** Cushions by the child's weight: "newborn from 4 lb to 11 lb; head pad". */
    case Inserts;
    /** Zones of an indicator by age, weight and sitting: "newborn to 3 months; big from 9 kg, sits". */
    case Zones;

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
                Insert::class => self::Inserts,
                Zone::class => self::Zones,
                default => throw new LogicException("{$field->key} has no way to be typed"),
            },
            default => throw new LogicException("{$field->key} has no way to be typed"),
        };
    }

    /** How it is typed; null where any text will do, or one of its choices. */
    public function hint(): ?Message
    {
        $named = match ($this) {
            self::MassLimit => 'mass_limit',
            self::LengthLimit => 'length_limit',
            self::MonthLimit => 'month_limit',
            self::AngleLimit => 'angle_limit',
            self::Mass => 'mass',
            self::Length => 'length',
            self::Words => 'words',
            self::Numbers => 'numbers',
            self::Heights => 'heights',
            self::Recline => 'recline',
            self::Inserts => 'inserts',
            self::Zones => 'zones',
            self::Whole => 'whole',
            self::Text, self::YesNo, self::Choice => null,
        };

        return $named === null ? null : new Message("manual_text.{$named}");
    }

    /** Whether one of a few answers is picked. */
    public function isChosen(): bool
    {
        return $this === self::YesNo || $this === self::Choice;
    }

    /** @return list<string> what a figure of this kind is told in, the usual one first; none for what is no figure */
    public function units(): array
    {
        return match ($this) {
            self::MassLimit, self::Mass => LimitText::MASS,
            self::LengthLimit, self::Length => LimitText::LENGTH,
            self::MonthLimit => LimitText::AGE,
            self::AngleLimit => LimitText::ANGLE,
            default => [],
        };
    }

    /** Whether its figure may depend on when the seat was made, or on what holds it. */
    public function isLimit(): bool
    {
        return in_array($this, [self::MassLimit, self::LengthLimit, self::MonthLimit, self::AngleLimit], true);
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
