<?php

declare(strict_types=1);

/** An organisation's own copy of a practice, and practices side by side. */

return [
    'title' => 'Cifras propias',
    'intro' => 'Una copia de una práctica en la que esta organización fija cifras propias, cada una con su fuente. Lo que se cambia se '
        . 've dondequiera que se muestre un límite.',
    'new' => 'Copiar una práctica',
    'none' => 'Aún no hay copias: los eventos trabajan con las prácticas tal como están en el manual.',
    'copied' => 'Copia de {base}, guardada por {name}',
    'change' => 'Cambiarla',
    'edit_intro' => 'Deje vacío lo que queda como en la práctica. Cada cifra necesita su fuente. Ninguna puede ir más allá de lo que '
        . 'enseña alguna escuela del oficio.',
    'name' => 'Nombre corto',
    'name_hint' => 'Letras minúsculas y cifras, como se muestra junto a un límite: puerto',
    'base' => 'Copiada de',
    'value' => 'Valor',
    'source' => 'De dónde viene',
    'never' => 'Nunca sin anclaje para la correa superior, diga lo que diga el fabricante',
    'called' => '{name}, cifras propias',
    'as_printed' => 'como en la práctica',
    'copy_of' => '{name}, copia de {base}',
    'figures' => [
        'movement' => 'Movimiento en la ruta del cinturón',
        'clip' => 'Clip de bloqueo desde la placa de enganche',
        'anchors_forward' => 'Niño y asiento con anclajes inferiores, mirando hacia adelante',
        'anchors_rear' => 'Niño y asiento con anclajes inferiores, mirando hacia atrás',
        'no_tether' => 'Mirando hacia adelante sin anclaje para la correa superior',
        'booster_from' => 'Elevador no antes de la edad de',
        'booster_weight' => 'Elevador no antes del peso de',
        'accepted' => 'Normas aceptadas en la etiqueta',
    ],
    'examples' => [
        'movement' => '20 mm, o under 25 mm',
        'clip' => '1 in, o 25 mm; como máximo 1.5 in',
        'anchors_forward' => '60 lb',
        'anchors_rear' => '55 lb',
        'booster_from' => '60 months',
        'booster_weight' => '45 lb',
    ],
    'wrong' => [
        'name' => 'De dos a veinte letras minúsculas y cifras, que no sea el nombre de una práctica ni esté ocupado.',
        'base' => 'Elija la práctica que copia.',
        'unreadable' => 'No se puede leer. Vea el ejemplo.',
        'beyond' => 'Ninguna escuela permite más de {most}.',
        'below_floor' => 'Un mínimo puede subirse, no bajarse: al menos {most}.',
        'label_only' => 'En esta práctica solo habla la etiqueta.',
        'source_needed' => 'Diga de dónde viene.',
        'source_long' => 'La fuente es demasiado larga.',
    ],
    'compare' => [
        'title' => 'Con otra práctica',
        'short' => 'Con otra práctica',
        'intro' => 'Los mismos hechos, juzgados con {here} y con otra. Solo se muestra lo que cambiaría.',
        'back' => 'Volver',
        'with' => 'Comparar con',
        'same' => 'Nada de lo que muestra esta revisión cambiaría con {there}.',
        'only' => 'Solo con {practice}',
        'otherwise' => 'Juzgado de otra manera',
        'asked' => 'Se pregunta solo con {practice}',
        'figures' => 'Cifras que difieren',
        'figure' => 'Cifra',
        'schools' => 'Por qué: dónde difieren las escuelas',
        'touched' => 'Otros puntos de esta revisión en los que difieren las escuelas',
        'here_is' => 'Aquí: {here}.',
        'caution' => 'Las instrucciones del asiento y del vehículo y la ley local valen con cualquier práctica. Esto no cambia nada de '
            . 'la revisión.',
    ],
    'file' => [
        'title' => 'Un archivo de caso con otra práctica',
        'intro' => 'Un caso en JSON, según su esquema. Se lee y se muestra, y no se guarda en ninguna parte.',
        'case' => 'Archivo de caso',
        'compare' => 'Comparar',
    ],
];
