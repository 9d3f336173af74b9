<?php

declare(strict_types=1);

/** What units are called where a measurement is written, parted by blanks. */

return [
    'units' => [
        'lb' => 'lb lbs pound pounds',
        'oz' => 'oz ounce ounces',
        'kg' => 'kg kgs kilo kilos kilogram kilograms',
        'g' => 'g gram grams',
        'ft' => 'ft foot feet',
        'in' => 'in inch inches',
        'm' => 'm metre metres meter meters',
        'cm' => 'cm centimetre centimetres centimeter centimeters',
        'mm' => 'mm millimetre millimetres millimeter millimeters',
    ],
];
