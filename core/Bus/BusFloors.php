<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;

/** From which age and weight on a child may ride on a bus as it does, and how its belts may lie. Common practice. */
final readonly class BusFloors
{
    public const BUCKLE_END_INCHES = 2;

    /** School age: under it a restraint keeps the child. */
    public static function schoolAge(): Months
    {
        return Months::of(60);
    }

    /** Under it a restraint keeps the child, whatever its age. */
    public static function unrestrainedWeight(): Mass
    {
        return Mass::of(40, MassUnit::Pound);
    }

    /** A vest is for children above this weight. */
    public static function aboveForVest(): Mass
    {
        return Mass::of(20, MassUnit::Pound);
    }

    /** A vest is for children above this age. */
    public static function olderForVest(): Months
    {
        return Months::of(12);
    }

    /** How far the buckle end of a belt may show out of the crease. */
    public static function buckleEnd(): Length
    {
        return Length::of(self::BUCKLE_END_INCHES, LengthUnit::Inch);
    }
}
