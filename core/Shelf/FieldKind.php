<?php

declare(strict_types=1);

namespace MintBuckle\Core\Shelf;

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
}
