<?php

declare(strict_types=1);

/** How a belt can be locked: the ways, why one works or does not, and the two question trees. */

return [
    'ways' => [
        'lockoff' => 'Bloqueador o puerta de sujeción',
        'latch_plate' => 'Placa de enganche',
        'retractor' => 'Retractor',
        'clip' => 'Clip de bloqueo',
    ],
    'because' => [
        'no_belt' => 'Aquí no hay cinturón.',
        'own_none' => 'El asiento no tiene bloqueador ni puerta de sujeción.',
        'own_works' => 'El asiento mismo sostiene el cinturón.',
        'own_on_base' => 'Está en la base, y la carcasa se sujeta sin ella.',
        'own_needs_retractor' => 'Su fabricante pide bloquear también el retractor, y este no puede.',
        'own_forbids_retractor' => 'Su fabricante lo prohíbe junto con un retractor bloqueado, y este siempre bloquea.',
        'own_unknown' => 'No se sabe si el asiento tiene uno, o qué cinturón hay aquí.',
        'plate_works' => 'La placa de enganche sostiene la parte abdominal.',
        'plate_sewn' => 'La placa de enganche está cosida y no puede sostener la parte abdominal.',
        'plate_slides' => 'Nada en esta placa de enganche sostiene la parte abdominal.',
        'plate_unknown' => 'No se conoce la placa de enganche: deslice la cinta por ella.',
        'retractor_works' => 'El retractor puede bloquear todo el cinturón.',
        'retractor_tug' => 'Este retractor solo se detiene con un jalón y no bloquea nada.',
        'retractor_none' => 'Aquí ningún retractor puede bloquear.',
        'retractor_unknown' => 'No se conoce el retractor: saque el cinturón despacio hasta el final y déjelo volver.',
        'clip_tips' => 'Un clip de bloqueo puede unir la parte abdominal y la del hombro, con el retractor libre: para un asiento que el '
            . 'retractor bloqueado inclina. Dos personas, última opción.',
        'clip_works' => 'Un clip de bloqueo puede unir la parte abdominal y la del hombro; dos personas, última opción.',
        'clip_not' => 'Un clip de bloqueo es para un cinturón de tres puntos con placa que desliza y un retractor que queda libre, en un '
            . 'asiento sin bloqueador ni puerta de sujeción.',
        'clip_unknown' => 'No se conoce el cinturón, su placa o su retractor, o si el asiento tiene un bloqueo propio.',
    ],
    'within' => [
        'retractor' => 'el retractor',
        'latch_plate' => 'la placa de enganche',
        'lockoff' => 'el bloqueador',
        'clamp_door' => 'la puerta de sujeción',
        'clip' => 'el clip de bloqueo',
    ],
    'tree' => [
        'slow_pull' => [
            'question' => 'Saque el cinturón despacio hasta el final y déjelo volver. ¿Hace trinquete y ya no vuelve a salir?',
            'none' => 'No hay nada que lo enrolle',
        ],
        'short_pull' => ['question' => '¿Ya no vuelve a salir después de un tirón corto?'],
        'tug' => ['question' => '¿Se detiene solo con un jalón fuerte?', 'unsure' => 'No, o sigue la duda'],
        'slide' => ['question' => '¿Está la placa de enganche cosida a la cinta?'],
        'button' => ['question' => '¿Tiene la placa de enganche una palanca o un botón?'],
        'grip' => [
            'question' => 'Abroche y tire de la parte abdominal hacia arriba: ¿agarra la placa?',
            'slides' => 'No, la cinta se desliza libre',
            'unsure' => 'Sigue la duda',
        ],
    ],
];
