<?php

declare(strict_types=1);

namespace MintBuckle\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * A number with a unit, kept exactly as it was given. Comparisons convert exactly; only show() rounds.
 *
 * @phpstan-consistent-constructor
 */
abstract readonly class Quantity
{
    protected function __construct(public BigDecimal $value, public Unit $unit) {}

    /** The value in the dimension's base unit (mm, kg, degree, month), exact. */
    public function base(): BigDecimal
    {
        return $this->value->multipliedBy($this->unit->factor());
    }

    /** Negative, zero or positive as this is less than, equal to or more than the other. */
    public function compareTo(self $other): int
    {
        assert($this instanceof $other);

        return $this->unit === $other->unit
            ? $this->value->compareTo($other->value)
            : $this->base()->compareTo($other->base());
    }

    public function equals(self $other): bool
    {
        return $this->compareTo($other) === 0;
    }

    public function isLessThan(self $other): bool
    {
        return $this->compareTo($other) < 0;
    }

    public function isMoreThan(self $other): bool
    {
        return $this->compareTo($other) > 0;
    }

    public function plus(self $other): static
    {
        return new static($this->base()->plus($other->base()), $this->baseUnit());
    }

    /** This less the other: negative when the other is larger. */
    public function minus(self $other): static
    {
        return new static($this->base()->minus($other->base()), $this->baseUnit());
    }

    public function abs(): static
    {
        return new static($this->value->abs(), $this->unit);
    }

    /** The same quantity in another unit of its dimension, to ten decimals, halves away from zero. */
    public function in(Unit $unit): static
    {
        return $unit === $this->unit
            ? $this
            : new static($this->base()->dividedBy($unit->factor(), 10, RoundingMode::HALF_UP)->stripTrailingZeros(), $unit);
    }

    /** For what is wrong with a case file: at most one decimal, halves away from zero. "25.4 mm", "1 in", "38°". */
    public function show(?Unit $unit = null): string
    {
        $rounded = $this->in($unit ?? $this->unit)->value->toScale(1, RoundingMode::HALF_UP)->stripTrailingZeros();
        $number = (string) $rounded->toScale(max(0, $rounded->getScale()));

        return match ($unit ?? $this->unit) {
            AngleUnit::Degree => $number . '°',
            MonthUnit::Month => $number . ($number === '1' ? ' month' : ' months'),
            default => $number . ' ' . ($unit ?? $this->unit)->symbol(),
        };
    }

    /** @return array{value: int|float, unit: string} as in case files and assessments */
    public function toArray(): array
    {
        $value = $this->value->stripTrailingZeros();

        return [
            'value' => $value->getScale() <= 0 ? $value->toInt() : $value->toFloat(),
            'unit' => $this->unit->symbol(),
        ];
    }

    abstract protected function baseUnit(): Unit;
}
