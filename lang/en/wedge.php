<?php

declare(strict_types=1);

/** What is laid under the crease. */

return [
    'one_noodle' => 'one noodle',
    'three_noodles' => 'three noodles taped in a triangle',
    'towel' => 'a rolled towel',
    'towel_high' => 'a rolled towel, {lift} high when pressed',
    'noodles' => '{count, select, 1 {one noodle} 2 {two noodles} 3 {three noodles taped in a triangle} other {the noodles}}',
];
