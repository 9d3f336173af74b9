<?php

declare(strict_types=1);

/** What a family did right, and what comes next for a child. */

return [
    'right' => [
        'rear' => 'El niño viaja mirando hacia atrás, la forma más protectora que ofrece este asiento.',
        'mode' => 'La forma de viajar es la adecuada para el niño.',
        'back_row' => 'El niño viaja detrás de la fila delantera.',
        'held' => 'El asiento estaba sujeto sin moverse demasiado.',
        'tether' => 'La correa superior se usaba como se debe.',
        'straps' => 'Las correas estaban a la altura correcta.',
        'snug' => 'Las correas estaban ceñidas.',
        'clip' => 'El broche del pecho estaba a la altura de las axilas.',
        'lap' => 'La parte abdominal pasaba baja sobre los muslos.',
        'shoulder' => 'La parte del hombro cruzaba el centro del pecho.',
        'look' => '{state}.',
    ],
    'next' => [
        'turn_forward' => [
            'title' => 'Girarlo hacia adelante{offered, select, yes {} other {, en otro asiento}}',
            'why' => 'Mirando hacia atrás mientras el asiento lo permita: sostiene cabeza, cuello y espalda.',
        ],
        'booster' => [
            'title' => 'Un elevador{offered, select, yes {} other {, otro asiento}}',
            'why' => 'El arnés mientras le quede, y hasta que el niño se quede bien sentado todo el viaje.',
        ],
        'no_back' => [
            'title' => 'Un elevador sin respaldo{offered, select, yes {} other {, otro asiento}}',
            'why' => 'El respaldo guía el cinturón y sostiene al niño dormido.',
        ],
        'belt_alone' => [
            'title' => 'Solo el cinturón del vehículo',
            'why' => 'Solo si se cumplen los cinco puntos de la prueba del cinturón, en este auto y en este lugar.',
        ],
        'front_seat' => [
            'title' => 'El asiento delantero',
            'why' => 'La fila de atrás es la más segura, y las bolsas de aire delanteras son para adultos.',
        ],
    ],
    'condition' => '{kind, select, age {{figure} de edad} other {{inclusive, select, yes {{figure}} other {más de {figure}}}}}, según '
        . '{from}{when, select, met {: ya alcanzado} from {: en {month}} about {: hacia {month}} other {}}',
    'when' => '{floor, select, met {Ya se cumple todo lo que se exige antes.} month {No antes de {month}.} other {No antes de que se '
        . 'cumpla todo esto.}}{likely, select, yes { Hacia {about}.} other {}}',
    'gap' => 'Es probable que lo de ahora le quede chico antes: busque otro asiento con tiempo.',
];
