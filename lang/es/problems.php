<?php

declare(strict_types=1);

/** Why what was entered cannot be so, after "this". */

return [
    'as_said' => '{problem}',
    'whole' => 'debe ser un número entero de {min} a {max}',
    'length' => 'debe tener de 1 a 2000 letras',
    'range' => 'debe ser de {min} a {max}',
    'halves' => 'debe ser en vueltas enteras o medias',
    'number' => 'debe ser un número',
    'date' => 'debe ser una fecha del calendario, hasta donde la diga la etiqueta; «{text}» no lo es',
    'years' => 'debe estar entre los años {from} y {to}',
    'between' => 'debe ser de {min} a {max}',
    'at_most' => 'debe ser como máximo {max}',
    'born_later' => 'es posterior a hoy; para un niño por nacer anote la fecha prevista',
    'due_later' => 'está a más de {days} días',
    'nothing' => 'debe ser más que nada',
    'after_today' => 'es posterior a hoy',
    'slots' => 'está debajo de la ranura anterior; anote primero la más baja',
    'place' => 'debe ser un lugar del vehículo, que no tiene {place}',
    'zone' => 'debe ser una zona del indicador en este modo, que no tiene {zone}',
    'slot' => 'debe ser una ranura del asiento, que tiene {slots}',
    'bus_system' => 'contradice la forma de viajar',
];
