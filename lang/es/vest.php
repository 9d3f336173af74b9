<?php

declare(strict_types=1);

/** Putting on a vest before a bus ride, step by step. */

return [
    'title' => 'Poner un chaleco',
    'intro' => 'En el suelo antes de subir y luego en el asiento. El manual del chaleco va primero. Práctica común del oficio.',
    'where' => '{aboard, select, yes {En el asiento} other {Antes de subir}}: paso {n} de {of}',
    'back' => 'Atrás',
    'next' => 'Siguiente paso',
    'all' => 'Todos los pasos',
    'again' => 'Desde el principio',
    'to_check' => 'Volver a la revisión',
    'before_boarding' => 'Antes de subir',
    'on_bench' => 'En el asiento',
    'drawing' => 'El chaleco por delante y por detrás',
    'coat' => 'abrigo',
    'tell_apart' => [
        'step' => 'Tome la talla más cercana a la del niño. Extienda el chaleco y distinga delante y detrás: el cierre va detrás.',
        'check' => 'Sabe qué lado va sobre el pecho.',
    ],
    'coat_off' => ['step' => 'Quite el abrigo. Nada abultado va bajo el chaleco.', 'check' => 'Debajo solo hay ropa de interior.'],
    'closure' => [
        'step' => 'Pase los brazos por delante y ciérrelo detrás de la espalda, del todo.',
        'check' => 'El niño no alcanza el cierre.',
    ],
    'crotch' => [
        'step' => 'Pase la correa de entrepierna entre las piernas y abróchela: ceñida, no más. Sin ella el niño se desliza por abajo.',
        'check' => 'Queda plana; un dedo pasa por debajo.',
    ],
    'coat_over' => [
        'step' => 'Ponga el abrigo encima del chaleco, con las hebillas de los hombros libres.',
        'check' => 'Ambas hebillas de los hombros se ven y se alcanzan.',
    ],
    'sit' => [
        'step' => 'En el autobús: junto a la ventana, en un asiento cuya correa marca el respaldo. Trasero y espalda contra el asiento.',
        'check' => 'No hay hueco detrás del niño; nadie sin cinturón va detrás de la correa.',
    ],
    'hips' => [
        'step' => 'Abroche las dos correas de cadera a la correa del respaldo y ajústelas primero, bajas sobre las caderas.',
        'check' => 'La correa más baja va sobre las caderas, no sobre el vientre.',
    ],
    'shoulders' => [
        'step' => 'Abroche las dos correas de hombro desde arriba del hombro y ajústelas al final.',
        'check' => 'La correa más baja sigue en las caderas, y ninguna correa horizontal está cerca del cuello.',
    ],
    'ends' => ['step' => 'Vuelva a pasar los cuatro extremos sueltos.', 'check' => 'Ningún extremo cuelga; cada correa aguanta al tirar.'],
];
