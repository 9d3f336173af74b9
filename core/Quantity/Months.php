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

    /** As families say it: "less than 1 month", "5 months", "3 years", "13 years and 2 months". */
    public function showAsAge(): string
    {
        $years = intdiv($this->toInt(), 12);
        $months = $this->toInt() % 12;
        $count = static fn(int $n, string $one): string => $n . ' ' . $one . ($n === 1 ? '' : 's');

        return match (true) {
            $this->toInt() === 0 => 'less than 1 month',
            $this->toInt() < 24 => $count($this->toInt(), 'month'),
            $months === 0 => $count($years, 'year'),
            default => $count($years, 'year') . ' and ' . $count($months, 'month'),
        };
    }

    protected function baseUnit(): MonthUnit
    {
        return MonthUnit::Month;
    }
}
