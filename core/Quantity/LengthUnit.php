<?php

declare(strict_types=1);

namespace MintBuckle\Core\Quantity;

use Brick\Math\BigDecimal;

/** Base unit: millimetre. */
enum LengthUnit: string implements Unit
{
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Inch = 'in';

    public function factor(): BigDecimal
    {
        /** @var array<string, BigDecimal> $factors */
        static $factors = [];

        return match ($this) {
            self::Millimetre => $factors['mm'] ??= BigDecimal::of('1'), // by definition
            self::Centimetre => $factors['cm'] ??= BigDecimal::of('10'), // by definition
            self::Inch       => $factors['in'] ??= BigDecimal::of('25.4'), // International Yard and Pound Agreement, 1959; NIST SP 811
        };
    }

    public function symbol(): string
    {
        return $this->value;
    }
}
