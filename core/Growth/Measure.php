<?php

declare(strict_types=1);

namespace MintBuckle\Core\Growth;

use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Quantity;

/** What a growth chart follows. Height is length below 24 months and stature from there. */
enum Measure: string
{
    case Weight = 'weight';
    case Height = 'height';

    /** In the charts' own unit: kilograms, centimetres. */
    public function number(Quantity $quantity): float
    {
        return $quantity->in($this === self::Weight ? MassUnit::Kilogram : LengthUnit::Centimetre)->value->toFloat();
    }

    public function quantity(float $number): Quantity
    {
        return $this === self::Weight
            ? Mass::of(number_format($number, 4, '.', ''))
            : Length::of(number_format($number, 4, '.', ''), LengthUnit::Centimetre);
    }
}
