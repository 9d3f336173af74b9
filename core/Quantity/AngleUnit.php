<?php

declare(strict_types=1);

namespace MintBuckle\Core\Quantity;

use Brick\Math\BigDecimal;

/** Base unit: degree. */
enum AngleUnit: string implements Unit
{
    case Degree = 'deg';

    public function factor(): BigDecimal
    {
        /** @var array<string, BigDecimal> $factors */
        static $factors = [];

        return match ($this) {
            self::Degree => $factors['deg'] ??= BigDecimal::of('1'), // by definition
        };
    }

    public function symbol(): string
    {
        return $this->value;
    }
}
