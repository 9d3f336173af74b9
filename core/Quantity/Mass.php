<?php

declare(strict_types=1);

namespace MintBuckle\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;

/** A mass, as a scale shows it. */
final readonly class Mass extends Quantity
{
    /** @param int|string|BigNumber $value a plain decimal number; anything else is refused by brick/math's NumberFormatException */
    public static function of(int|string|BigNumber $value, MassUnit $unit = MassUnit::Kilogram): self
    {
        return new self(BigDecimal::of($value), $unit);
    }

    protected function baseUnit(): MassUnit
    {
        return MassUnit::Kilogram;
    }
}
