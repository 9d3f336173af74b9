<?php

declare(strict_types=1);

/** Where schools of the trade differ, and what is done here. */

return [
    'movement' => [
        'point' => 'movimiento',
        'schools' => '«no más de» una pulgada; «menos de» una pulgada; menos de 2.5 cm',
        'here' => 'la práctica; cerca del límite se aconseja',
    ],
    'direction' => [
        'point' => 'dirección de la prueba',
        'schools' => 'solo de lado; de lado y adelante; también arriba',
        'here' => 'de lado y adelante, se piden ambas',
    ],
    'tether_loose' => [
        'point' => 'prueba con la correa superior floja o tensa',
        'schools' => 'antes; después',
        'here' => 'floja primero, otra vez después',
    ],
    'lock_then_buckle' => [
        'point' => '¿bloquear y luego abrochar?',
        'schools' => 'bloqueado antes de pasarlo; abrochado primero',
        'here' => 'abrochado primero, luego en el orden del bloqueo',
    ],
    'slack' => ['point' => 'quitar la holgura antes o después de bloquear', 'schools' => 'cualquiera', 'here' => 'ambas'],
    'clip' => [
        'point' => 'clip: qué tan cerca, sobre qué',
        'schools' => '1 pulg; 1½ pulg; junto a la lengüeta en una capa',
        'here' => 'práctica y ajuste',
    ],
    'forward_tether' => [
        'point' => 'tensión de la correa superior hacia adelante',
        'schools' => 'tan fuerte como se pueda; sin holgura',
        'here' => 'sin holgura; ambas pasan',
    ],
    'rear_tether' => [
        'point' => 'correa superior hacia atrás',
        'schools' => 'siempre; solo si el asiento lo dice',
        'here' => 'el asiento; si no, la norma de su etiqueta',
    ],
    'rear_straps' => [
        'point' => 'correas hacia atrás',
        'schools' => 'al nivel o debajo; al nivel o apenas encima',
        'here' => 'el asiento; si no, la norma de su etiqueta',
    ],
    'forward_straps' => [
        'point' => 'correas hacia adelante «al nivel o debajo»',
        'schools' => 'se dice a veces, es un error',
        'here' => 'al nivel o encima; se nombra como error que hay que desaprender',
    ],
    'tightness' => [
        'point' => 'tensión',
        'schools' => 'pellizco en el hombro o apenas debajo; un dedo',
        'here' => 'el asiento; si no, la norma de su etiqueta',
    ],
    'nipples' => ['point' => 'broche en los pezones', 'schools' => 'se dice a veces', 'here' => 'axilas'],
    'turning' => [
        'point' => 'girar hacia adelante',
        'schools' => 'al año; a los dos; al llegar a un límite',
        'here' => 'mínimo un año y la ley; consejo hasta un límite',
    ],
    'belt_or_anchors' => [
        'point' => 'cinturón o anclajes',
        'schools' => 'cada uno preferido por algunos',
        'here' => 'iguales; se dan razones',
    ],
    'weight' => [
        'point' => 'peso sobre el asiento',
        'schools' => 'rodilla; cadera; solo lo necesario',
        'here' => 'no más de lo necesario, como permita el fabricante',
    ],
    'no_tether_anchor' => [
        'point' => 'sin anclaje superior',
        'schools' => 'nunca hacia adelante ahí; guardarla y viajar',
        'here' => 'asiento, norma, práctica',
    ],
    'recline' => ['point' => 'reclinación', 'schools' => '45°; línea de nivel hasta sentarse; zonas', 'here' => 'el indicador del asiento'],
    'booster_belt' => ['point' => 'cinturón sobre un niño en elevador', 'schools' => 'bloqueado; libre', 'here' => 'libre'],
    'lap' => ['point' => 'parte abdominal', 'schools' => 'sobre la cintura; sobre los muslos', 'here' => 'muslos'],
    'head_part' => ['point' => 'cabecera de un elevador', 'schools' => 'en el mentón; guía en el hombro', 'here' => 'guía en el hombro'],
    'middle' => [
        'point' => 'lugar del centro',
        'schools' => 'más seguro según la estadística; donde quede bien sujeto',
        'here' => 'centro si queda bien sujeto',
    ],
    'crash' => [
        'point' => 'después de un choque',
        'schools' => 'reemplazar siempre; cinco puntos',
        'here' => 'la política, primero el fabricante',
    ],
    'proof' => ['point' => 'prueba de un cinturón bloqueado', 'schools' => 'tirón suave; tirón firme', 'here' => 'firme'],
    'roll' => [
        'point' => 'rollo contra el deslizamiento',
        'schools' => 'encima de la correa de entrepierna; nada que no venía con él',
        'here' => 'permitido salvo que el fabricante lo prohíba, nunca detrás',
    ],
];
