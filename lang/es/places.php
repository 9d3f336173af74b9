<?php

declare(strict_types=1);

/** Places in a car, by their code. */

return [
    '1L' => 'Adelante izquierda',
    '1C' => 'Adelante centro',
    '1R' => 'Adelante derecha',
    '2L' => 'Segunda fila izquierda',
    '2C' => 'Segunda fila centro',
    '2R' => 'Segunda fila derecha',
    '3L' => 'Tercera fila izquierda',
    '3C' => 'Tercera fila centro',
    '3R' => 'Tercera fila derecha',
];
