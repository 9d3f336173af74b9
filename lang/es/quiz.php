<?php

declare(strict_types=1);

/** Practice in other forms: slips of the tongue, belts, sums, the order of steps. */

return [
    'slip' => [
        'title' => 'Encuentre el error dicho',
        'asked' => 'Tres de estas son correctas. ¿Cuál se dice a veces y es falsa?',
        'right' => [
            'forward_straps' => 'Mirando hacia adelante, las correas salen del asiento a la altura del hombro o por encima, salvo que su '
                . 'fabricante diga otra cosa.',
            'rear_straps' => 'Mirando hacia atrás con FMVSS 213 en la etiqueta, las correas salen a la altura del hombro o por debajo.',
            'clip' => 'El broche del pecho se cierra a la altura de las axilas.',
            'belt_over_booster' => 'Sobre un niño en elevador el cinturón corre libre.',
            'lap_part' => 'La parte abdominal va baja sobre los muslos.',
            'head_part' => 'La parte de la cabeza del elevador se sube hasta que su guía quede a la altura del hombro o justo por encima.',
            'movement' => 'El movimiento se prueba en la ruta del cinturón, de lado a lado y de adelante atrás.',
            'both_hold' => 'Cinturón y anclajes inferiores sujetan juntos solo donde ambos fabricantes lo permiten.',
            'locking_clip' => 'El clip de bloqueo es la última opción, cerca de una lengüeta que se desliza.',
            'recline' => 'Mirando hacia atrás, el propio indicador del asiento dice cuánto se reclina.',
            'expiry' => 'Cuánto tiempo puede usarse un asiento está en su etiqueta o manual.',
            'extras' => 'Solo queda en el asiento lo que vino en la caja o lo que nombra su fabricante.',
            'coat' => 'El abrigo se quita antes de ajustar las correas.',
            'under_arm' => 'La parte del hombro cruza el centro del pecho.',
            'vest_order' => 'En un chaleco se ajustan las caderas antes que los hombros.',
        ],
        'wrong' => [
            'forward_straps' => 'Mirando hacia adelante, las correas salen del asiento a la altura del hombro o por debajo.',
            'rear_straps' => 'Mirando hacia atrás con FMVSS 213 en la etiqueta, las correas salen muy por encima del hombro.',
            'clip' => 'El broche del pecho se cierra a la altura de los pezones.',
            'belt_over_booster' => 'Sobre un niño en elevador el cinturón se saca y se bloquea.',
            'lap_part' => 'La parte abdominal va sobre la cintura.',
            'head_part' => 'La parte de la cabeza del elevador se sube hasta la barbilla.',
            'movement' => 'El movimiento se prueba en la parte alta del asiento, de lado a lado.',
            'both_hold' => 'Cinturón y anclajes juntos sujetan mejor, así que use ambos donde los haya.',
            'locking_clip' => 'El clip de bloqueo se pone además del retractor bloqueado, para mayor seguridad.',
            'recline' => 'Mirando hacia atrás, todo asiento se reclina a 45 grados.',
            'expiry' => 'Todo asiento puede usarse diez años.',
            'extras' => 'Lo que se compró para sillas de auto puede quedar en cualquier asiento.',
            'coat' => 'Sobre un abrigo grueso las correas se ajustan un dedo más.',
            'under_arm' => 'Si la parte del hombro roza el cuello, va bajo el brazo.',
            'vest_order' => 'En un chaleco se ajustan primero los hombros, para que quede alto.',
        ],
    ],
    'belt' => [
        'title' => '¿Qué cinturón tengo?',
        'retractor' => [
            'asked' => '¿Qué retractor es? Pulse lo que quiera probar.',
            'act' => [
                'slow_pull' => 'Tirar despacio hasta el final y dejarlo volver',
                'short_pull' => 'Sacar un trozo corto y dejarlo volver',
                'tug' => 'Tirar de golpe',
            ],
            'seen' => [
                'ratchets' => 'Hace clic al volver y se niega a salir de nuevo.',
                'free' => 'Sale de nuevo libremente.',
                'refuses' => 'Se niega a salir de nuevo.',
                'stops' => 'Se detiene.',
                'not_wound' => 'Nada lo enrolla.',
                'slides_out' => 'Sigue deslizándose.',
            ],
            'is' => [
                'switchable' => 'Uno conmutable',
                'alr' => 'Uno que siempre bloquea',
                'elr' => 'Uno que solo se detiene de golpe',
                'none' => 'No hay',
            ],
            'because' => [
                'switchable' => 'Se bloquea tras sacarlo del todo; después de un tirón corto sigue libre.',
                'alr' => 'Se bloquea ya tras un tirón corto.',
                'elr' => 'Sale libre incluso tras el tirón lento: no bloquea nada y solo se detiene de golpe.',
                'none' => 'Lo que nada enrolla no tiene retractor.',
            ],
        ],
        'plate' => [
            'asked' => '¿Qué lengüeta es? Pulse lo que quiera probar.',
            'act' => [
                'look' => 'Mirar dónde se une la correa',
                'lever' => 'Buscar una palanca o botón',
                'lap_up' => 'Abrochar y tirar de la parte abdominal hacia arriba',
            ],
            'seen' => [
                'stitched' => 'Está cosida.',
                'runs' => 'La correa pasa por ella.',
                'none' => 'No hay.',
                'there' => 'Hay una.',
                'fixed' => 'No puede deslizarse.',
                'by_lever' => 'Agarra o se desliza, según la palanca.',
                'grips' => 'Agarra.',
                'slides' => 'La correa se desliza libre.',
            ],
            'is' => [
                'sliding' => 'Una que se desliza',
                'locking' => 'Una que bloquea',
                'switch' => 'Una con palanca',
                'sewn' => 'Una cosida',
            ],
            'because' => [
                'sliding' => 'La correa se desliza en ambos sentidos: no sujeta nada.',
                'locking' => 'Agarra por sí sola la parte abdominal.',
                'switch' => 'Una palanca o botón activa su agarre.',
                'sewn' => 'Lo cosido no se desliza ni puede sujetar la parte abdominal.',
            ],
        ],
    ],
    'arithmetic' => [
        'title' => 'Cálculo',
        'expiry' => [
            'asked' => 'Fabricado {made}, para {years} años de uso. ¿Cuál es el primer día en que ya no se usa?',
            'is' => '{day}',
            'because' => 'El propio aniversario es el primer día en que ya no se usa: {day}.',
        ],
        'anchors' => [
            'asked' => 'El asiento pesa {seat} y su etiqueta no da cifra para los anclajes inferiores. ¿Cuánto puede pesar un niño, '
                . '{facing, select, rear {mirando hacia atrás} other {mirando hacia adelante}}?',
            'because' => 'Niño y asiento juntos, menos los {seat} del asiento: {most}.',
        ],
        'wedge' => [
            'asked' => 'El respaldo está a {angle} de la vertical y es demasiado vertical; la base mide {base}. ¿Qué va en el pliegue, si '
                . 'su fabricante lo permite?',
            'one_noodle' => 'Un tubo de espuma',
            'three_noodles' => 'Tres tubos, unidos en triángulo',
            'towel' => 'Una toalla enrollada',
            'because' => 'Debe levantar unos {lift}; esto gana {gain}.',
        ],
        'slot' => [
            'asked' => 'El hombro está a {shoulder} del asiento, {facing, select, rear {mirando hacia atrás} other {mirando hacia '
                . 'adelante}}, FMVSS 213 en la etiqueta. Ranuras desde la más baja: {heights}. ¿Cuál?',
            'is' => 'Ranura {n}',
            'because' => 'Ranura {n}: {facing, select, rear {la más alta a la altura del hombro o por debajo} other {la más baja a la '
                . 'altura del hombro o por encima}} que permite su fabricante.',
        ],
    ],
    'order' => ['title' => '¿Qué paso sigue?', 'asked' => '{seat}, {mode}. Hecho: {before} ¿Qué sigue?'],
    'right' => 'Correcto.',
    'wrong' => 'Esa no. Lo correcto es: {right}',
    'next' => 'Siguiente',
    'more' => 'Otras formas',
    'lay' => [
        'title' => 'Ponga los pasos en orden',
        'asked' => '{seat}, {mode}. Pulse los pasos en el orden en que se hacen.',
        'laid' => 'Puestos hasta ahora',
        'none' => 'Todavía nada.',
        'left' => 'Faltan por poner',
        'take_out' => 'Quitar',
        'take_out_of' => 'Quitar: {step}',
        'right' => 'Todo en orden.',
        'wrong' => '{n, plural, one {# paso va} other {# pasos van}} en otro lugar en la tarjeta de este asiento.',
        'card' => 'En la tarjeta',
        'moved' => 'estaba en otro lugar',
        'again' => 'Intentarlo de nuevo',
    ],
];
