<?php

declare(strict_types=1);

/** How a maker's rule is typed. */

return [
    'mass_limit' => '40 lb',
    'length_limit' => '49 in, o 125 cm',
    'month_limit' => '24 months',
    'angle_limit' => '45 deg, desde la vertical',
    'mass' => '20 lb o 9.1 kg',
    'length' => '17.5 in o 445 mm',
    'words' => 'separado por comas',
    'numbers' => '1, 2',
    'heights' => '7.9 in, 9.6 in, 11.4 in: la más baja primero',
    'recline' => '1, 2 to 40 lb; 3 from 40 lb',
    'whole' => 'un número entero',
    'needed' => 'Hace falta.',
    'unreadable' => 'No puede leerse. Así: {how}.',
    'kind' => 'Debe ser uno de: {kinds}.',
    'no_text' => 'contiene un carácter que ningún texto tiene.',
    'inserts' => 'recién nacido from 4 lb to 11 lb; almohadilla',
    'zones' => 'recién nacido to 3 months; grande from 9 kg, sits',
];
