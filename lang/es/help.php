<?php

declare(strict_types=1);

/** Short help for busy hands. */

return [
    'tight' => [
        'title' => 'Cómo dejarlo firme',
        'steps' => [
            'weight' => 'Peso en el asiento sobre la ruta del cinturón: mano, rodilla o cadera desde atrás, como permita el fabricante y '
                . 'no más de lo necesario.',
            'pull' => 'Tire de la cinta del hombro desde dentro del asiento, cerca de la hebilla; mueva de lado a lado y devuelva la '
                . 'holgura.',
            'peg' => 'Ponga una pinza al cinturón para que no se regrese; quítela al final para que se enrolle.',
            'cover' => 'Sin funda del lado de la hebilla, para ver torceduras. Asientos delanteros adelante, para tener espacio.',
            'forward' => 'Empuje el asiento hacia atrás mientras tensa la correa superior.',
            'tips' => 'Cuando el asiento se inclina: tubo de espuma o toalla en el pliegue antes de apretar, si su fabricante lo permite.',
            'recline' => 'Tirar hacia arriba puede cambiar la reclinación: mire otra vez el ángulo. Un poco acostado: presione en el '
                . 'extremo de los pies.',
            'otherwise' => 'Sigue flojo después de tres intentos: la otra manera de sujetarlo, luego otro lugar, luego otro asiento.',
        ],
    ],
    'clip' => [
        'title' => 'Cómo poner un clip de bloqueo',
        'steps' => [
            'pinch' => 'Abroche, apriete y junte ambas partes con los dedos en la placa.',
            'prongs' => 'Desabroche sin soltar; ponga ambas capas debajo de las cuatro puntas, cerca de la placa.',
            'second' => 'Otra persona empuja la hebilla hacia arriba desde abajo mientras usted mete la placa: incline el asiento lejos '
                . 'de la hebilla y luego enderécelo.',
            'easy' => 'Si la placa entra muy fácil en la hebilla, el clip quedó flojo; si se mueve, se quita y se comienza de nuevo.',
            'mode' => 'El modo de bloqueo puede usarse para hallar el largo; debe quitarse una vez puesto el clip.',
        ],
    ],
    'pinch' => [
        'title' => 'Cómo hacer la prueba del pellizco',
        'steps' => [
            'ready' => 'Cadera y espalda contra el asiento, sin abrigo. Primero recoja la holgura desde la cadera, luego tire del '
                . 'ajustador.',
            'try' => 'En el hombro, trate de pellizcar la correa a lo largo entre el pulgar y el índice.',
            'tight' => 'Ceñida: los dedos resbalan, no queda cinta entre ellos. Floja: queda un pliegue.',
            'other' => 'Un dedo debajo de la correa es otra prueba y puede pasar donde el pellizco no.',
        ],
    ],
    'finger' => [
        'title' => 'Cómo hacer la prueba del dedo',
        'steps' => [
            'ready' => 'Cadera y espalda contra el asiento, sin abrigo. Primero recoja la holgura desde la cadera, luego tire del '
                . 'ajustador.',
            'try' => 'En el hombro, meta un dedo plano entre la correa y el niño.',
            'tight' => 'Ceñida: entra un dedo, dos no. Floja: entran dos.',
        ],
    ],
    'lock' => [
        'title' => 'Cómo se bloquean los cinturones',
        'steps' => [
            'must' => 'Algo debe fijar el largo de la parte abdominal, o el asiento se desliza cuando el vehículo frena fuerte.',
            'order' => 'En este orden: un bloqueador o puerta de sujeción en el asiento, una placa que agarra, un retractor con '
                . 'trinquete, un clip de bloqueo.',
            'first' => 'Primero abroche, quite la holgura y luego bloquee: un cinturón bloqueado ya no da cinta.',
            'prove' => 'Compruébelo con un tirón firme: no debe ceder.',
        ],
    ],
    'move' => [
        'title' => 'Cómo probar el movimiento',
        'steps' => [
            'spot' => 'Solo en la ruta del cinturón: en otras partes el asiento debe moverse.',
            'hand' => 'Con la mano menos hábil y la fuerza de un apretón de manos, de lado a lado y de adelante hacia atrás.',
            'tether' => 'Primero con la correa superior floja: una correa tensa puede ocultar un asiento flojo. Ténsela y pruebe otra vez.',
        ],
    ],
];
