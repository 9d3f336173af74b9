<?php

declare(strict_types=1);

namespace MintBuckle\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;

/** A length; negative only where a signed offset is meant. */
final readonly class Length extends Quantity
{
    /** @param int|string|BigNumber $value a plain decimal number; anything else is refused by brick/math's NumberFormatException */
    public static function of(int|string|BigNumber $value, LengthUnit $unit = LengthUnit::Millimetre): self
    {
        return new self(BigDecimal::of($value), $unit);
    }

    protected function baseUnit(): LengthUnit
    {
        return LengthUnit::Millimetre;
    }
}
