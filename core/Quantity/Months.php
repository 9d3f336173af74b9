<?php

declare(strict_types=1);

namespace MintBuckle\Core\Quantity;

use Brick\Math\BigDecimal;

/** An age or age limit in completed months. */
final readonly class Months extends Quantity
{
    public static function of(int $months): self
    {
        return new self(BigDecimal::of($months), MonthUnit::Month);
    }

    public function toInt(): int
    {
        return $this->value->toInt();
    }

    protected function baseUnit(): MonthUnit
    {
        return MonthUnit::Month;
    }
}
