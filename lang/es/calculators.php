<?php

declare(strict_types=1);

/** The calculators. */

return [
    'modes' => [
        'fits' => '{fits, select, yes {le sirve} no {no le sirve} other {todavía no se sabe}}{told, select, yes {: {because}} other {}}',
        'title' => '¿Qué forma de viajar le sirve?',
        'line' => 'Un niño frente a un asiento del catálogo: qué le sirve y hasta cuándo.',
    ],
    'recall' => [
        'list' => 'Lista del {day}, {age, plural, =0 {de hoy} one {de hace # día} other {de hace # días}}.',
        'no_list' => 'Lista de fecha desconocida.',
        'near' => 'Nombres parecidos:',
        'title' => '¿Tiene un retiro?',
        'line' => 'Fabricante, modelo, fecha y serie frente a la lista del día.',
    ],
    'open' => 'Falta saber: {what}.',
    'anchors' => [
        'together' => 'Niño y asiento juntos, menos los {weight} del asiento.',
        'above' => 'Por encima de eso el cinturón sujeta el asiento, mientras se use: no hay un cambio que recordar.',
        'title' => '¿Pueden sujetarlo los anclajes inferiores?',
        'line' => 'La cifra impresa, o niño y asiento juntos.',
    ],
    'belt-fit' => [
        'usually' => 'Por lo común con 145 cm (unos 4 pies 9 pulg) y entre 8 y 12 años. Las cinco miradas deben cumplirse, en cada '
            . 'vehículo en que viaje el niño.',
        'title' => '¿Listo para el cinturón solo?',
        'line' => 'Cinco miradas y la estatura.',
    ],
    'extras' => [
        'why' => 'Solo lo que vino en la caja, o lo que nombra el fabricante del asiento, se probó con este asiento. Lo que solo dice de '
            . 'sí mismo que sirve, no. Una alfombrilla resbala o se comprime; un espejo o un juguete puede golpear la cara cuando el '
            . 'asiento gira en un choque.',
        'title' => '¿Puede quedar esto en el asiento?',
        'line' => 'Fundas de correas, cojines para la cabeza, alfombrillas, espejos, juguetes.',
    ],
    'room' => [
        'touch' => 'Un roce leve o un pequeño espacio está bien, salvo que un manual diga otra cosa; apretado con fuerza, no.',
        'title' => 'Espacio hasta el asiento de adelante',
        'line' => 'Lo que ganan otra posición del asa, una posición más vertical o no usar la base.',
    ],
    'wedge' => [
        'stack' => 'Pila',
        'gains' => 'gana',
        'squeezed' => 'muy o poco apretado',
        'spread' => '{least} a {most}',
        'memory' => 'Dos juntos no son más altos que uno. Lo que conserva un tubo de espuma al apretarse está escrito de memoria: vuelva '
            . 'a medir el ángulo.',
        'title' => '¿Qué cuña debajo del asiento?',
        'line' => 'Ángulo que falta y largo de la base: tubos de espuma o toalla.',
        'stacks' => ['one_noodle' => 'Un tubo de espuma', 'three_noodles' => 'Tres tubos de espuma, unidos en triángulo'],
    ],
    'title' => 'Calculadoras',
    'subtitle' => 'Una pregunta, respondida sin una visita',
    'all' => 'Todas las calculadoras',
    'answer' => 'Respuesta',
    'afresh' => 'Empezar de nuevo',
    'empty' => 'Anote lo que sabe; la respuesta aparece aquí.',
    'make_check' => 'Hacer una revisión con esto',
    'first_name' => 'Nombre de pila de la familia',
    'begin' => 'Empezar la revisión',
    'expiry' => [
        'title' => '¿Hasta cuándo puede usarse?',
        'line' => 'Fecha de fabricación, vida útil o sello: el primer día en que ya no se usa.',
    ],
    'locking' => [
        'title' => '¿Cómo se bloquea este cinturón?',
        'line' => 'Cinturón, retractor y placa de enganche: cada forma que funciona, en orden.',
    ],
    'slot' => ['title' => '¿Qué ranura del arnés?', 'line' => 'Hombro y ranuras: la correcta.'],
    'flight' => ['title' => '¿Puede volar?', 'line' => 'Lo que debe decir la etiqueta y cómo se sujeta allí.'],
];
