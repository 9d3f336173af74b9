<?php

declare(strict_types=1);

/** How a maker's rule is typed. */

return [
    'mass_limit' => '40 lb',
    'length_limit' => '49 in, or 125 cm',
    'month_limit' => '24 months',
    'angle_limit' => '45 deg, from the vertical',
    'mass' => '20 lb or 9.1 kg',
    'length' => '17.5 in or 445 mm',
    'words' => 'parted by commas',
    'numbers' => '1, 2',
    'heights' => '7.9 in, 9.6 in, 11.4 in: lowest first',
    'recline' => '1, 2 to 40 lb; 3 from 40 lb',
    'whole' => 'a whole number',
    'needed' => 'Needed.',
    'unreadable' => 'Cannot be read. Like this: {how}.',
    'kind' => 'Must be one of: {kinds}.',
    'no_text' => 'holds a character that no text has.',
    'inserts' => 'newborn from 4 lb to 11 lb; head pad',
    'zones' => 'newborn to 3 months; big from 9 kg, sits',
];
