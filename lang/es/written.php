<?php

declare(strict_types=1);

/** What units are called where a measurement is written, parted by blanks. */

return [
    'units' => [
        'lb' => 'lb lbs libra libras',
        'oz' => 'oz onza onzas',
        'kg' => 'kg kgs kilo kilos kilogramo kilogramos',
        'g' => 'g gramo gramos',
        'ft' => 'pie pies',
        'in' => 'pulg pulgada pulgadas',
        'm' => 'm metro metros',
        'cm' => 'cm centímetro centímetros',
        'mm' => 'mm milímetro milímetros',
    ],
];
