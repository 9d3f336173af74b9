<?php

declare(strict_types=1);

namespace MintBuckle\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;

/** An angle in degrees. */
final readonly class Angle extends Quantity
{
    /** @param int|string|BigNumber $value a plain decimal number; anything else is refused by brick/math's NumberFormatException */
    public static function of(int|string|BigNumber $value, AngleUnit $unit = AngleUnit::Degree): self
    {
        return new self(BigDecimal::of($value), $unit);
    }

    protected function baseUnit(): AngleUnit
    {
        return AngleUnit::Degree;
    }
}
