<?php

declare(strict_types=1);

namespace MintBuckle\Core\Quantity;

use Brick\Math\BigDecimal;

/** Base unit: completed month of age. */
enum MonthUnit: string implements Unit
{
    case Month = 'months';

    public function factor(): BigDecimal
    {
        /** @var array<string, BigDecimal> $factors */
        static $factors = [];

        return match ($this) {
            self::Month => $factors['months'] ??= BigDecimal::of('1'), // by definition
        };
    }

    public function symbol(): string
    {
        return $this->value;
    }
}
