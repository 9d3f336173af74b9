<?php

declare(strict_types=1);

/** When a seat will not hold: what one sees, and what to try next. */

return [
    'title' => '¿No queda firme? ¿Qué ve?',
    'tried' => 'Probado: no basta',
    'then' => 'Después pruebe otra vez el movimiento.',
    'number' => '{number} de {of}',
    'all_tried' => 'Ya se probó todo para esto. Mire el manual del asiento y el del vehículo, o pregunte al revisor principal.',
    'sights' => [
        'still_loose' => 'Sigue flojo',
        'tips_to_one_side' => 'Se inclina a un lado',
        'hardware_in_path' => 'Hebilla en la ruta',
        'bars_too_deep' => 'Barras muy hundidas',
        'tail_in_path' => 'Extremo en la ruta',
        'slack_comes_back' => 'Vuelve la holgura',
        'too_flat' => 'Muy reclinado',
        'too_upright' => 'Muy vertical',
    ],
    'steps' => [
        'weight_in' => 'Ponga su peso en el asiento sobre la ruta del cinturón: mano, rodilla, o caderas desde atrás, según permita el '
            . 'fabricante, y apriete',
        'pull_from_inside' => 'Tire de la banda del hombro desde dentro del asiento, cerca de la hebilla',
        'rock_it' => 'Mueva el asiento de un lado a otro y recoja la holgura que salga',
        'peg_belt' => 'Sujete el cinturón con una pinza para que no retroceda al apretar; quítela al final',
        'ratchet_again' => 'Saque el cinturón despacio hasta el final, déjelo volver hasta que trinque y compruebe que no cede',
        'make_room' => 'Adelante el asiento del vehículo de delante para trabajar mejor',
        'push_back_with_tether' => 'Empuje el asiento hacia atrás mientras se tensa la correa superior',
        'crease_filled' => 'Ponga un tubo de espuma o una toalla enrollada en el pliegue antes de apretar',
        'free_retractor' => 'Deje libre el retractor y bloquee el cinturón de otro modo: {way}',
        'other_lock' => 'Bloquee el cinturón de otro modo: {way}',
        'without_turns' => 'Apriete otra vez con la hebilla recta y su vástago metido en el pliegue',
        'turn_buckle' => 'Gire la hebilla hacia abajo, {n, plural, one {una vuelta completa} other {# vueltas completas}} como máximo, y '
            . 'que quede mirando al frente',
        'straps_long' => 'Alargue del todo las dos correas de anclaje, engánchelas y después apriete',
        'press_cushion' => 'Hunda el cojín con la mano junto a cada barra y enganche un lado por vez',
        'tail_straight' => 'Saque el extremo libre de la ruta y tire de él en línea con la ruta, sin pasar por un borde',
        'foot_end' => 'Presione hacia abajo en el lado de los pies al apretar; no tire de la parte de arriba',
        'other_setting' => 'Ponga la reclinación en {n}',
        'noodles' => 'Ponga {n, plural, one {un tubo de espuma} other {# tubos de espuma, atados en triángulo,}} en el pliegue, apriete y '
            . 'mire otra vez el ángulo',
        'towel' => 'Ponga una toalla enrollada en el pliegue, apriete y mire otra vez el ángulo',
        'the_belt' => 'Sujételo con el cinturón en lugar de los anclajes',
        'the_anchors' => 'Sujételo con los anclajes inferiores en lugar del cinturón',
        'other_place' => 'Pruebe otro lugar del vehículo',
        'other_seat' => 'Pruebe otro asiento',
        'turn_buckle_if_allowed' => 'Si el manual del vehículo lo permite, gire la hebilla hacia abajo, {n, plural, one {una vuelta '
            . 'completa} other {# vueltas completas}} como máximo, y que quede mirando al frente',
    ],
];
