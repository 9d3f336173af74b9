<?php

declare(strict_types=1);

namespace MintBuckle\Core\Quantity;

use Brick\Math\BigDecimal;

/** Base unit: kilogram. */
enum MassUnit: string implements Unit
{
    case Kilogram = 'kg';
    case Gram = 'g';
    case Pound = 'lb';
    case Ounce = 'oz';

    public function factor(): BigDecimal
    {
        /** @var array<string, BigDecimal> $factors */
        static $factors = [];

        return match ($this) {
            self::Kilogram => $factors['kg'] ??= BigDecimal::of('1'), // by definition
            self::Gram     => $factors['g'] ??= BigDecimal::of('0.001'), // by definition
            self::Pound    => $factors['lb'] ??= BigDecimal::of('0.45359237'), // International Yard and Pound Agreement, 1959; NIST SP 811
            self::Ounce    => $factors['oz'] ??= BigDecimal::of('0.028349523125'), // one sixteenth of a pound
        };
    }

    public function symbol(): string
    {
        return $this->value;
    }
}
