<?php

declare(strict_types=1);

/** Findings: what was found at the checks, in figures. */

return [
    'title' => 'Hallazgos',
    'intro' => 'De las revisiones firmadas: qué se encontró, qué se corrigió y cómo quedó.',
    'empty' => 'Todavía no hay revisiones firmadas que contar aquí. Se llena sola a medida que las familias se van a casa.',
    'for' => ['whom' => 'Para quién', 'us' => 'Para nosotros, exactas', 'others' => 'Para entregar a otros'],
    'event' => 'Evento',
    'all_events' => 'Todos los eventos',
    'event_on' => '{name}, {day}',
    'from' => 'Desde el mes',
    'to' => 'Hasta el mes',
    'all_practices' => 'Todas las prácticas',
    'kind' => 'Tipo de asiento, como llegó',
    'kinds' => ['other' => 'tipo desconocido', 'none' => 'llegó sin asiento'],
    'of_an_event' => 'El evento elegido tiene su propio día y su propia práctica.',
    'tables' => [
        'summary' => 'De un vistazo',
        'stations' => 'Como llegó, por estación',
        'codes' => 'Como llegó, error por error',
        'left' => 'Cómo se fueron',
        'withdrawn_for' => 'Asientos que ya no se usan: por qué',
        'became' => 'Asientos que ya no se usan: qué fue de ellos',
        'minutes' => 'Cuánto duró cada asiento',
        'waited' => 'Cuánto esperaron las familias',
        'kit' => 'Tomado del material',
        'expected' => 'Asientos que llegaron con error, de cada cien',
    ],
    'notes' => [
        'codes' => 'De cada error por separado el oficio no da proporción; los que nombra entre los más comunes van marcados.',
        'expected' => 'El oficio espera unos tres de cada cuatro.',
        'minutes' => 'En el oficio se planea media hora por asiento; desde la llamada al puesto hasta que la familia se fue, repartida '
            . 'entre sus asientos.',
    ],
    'common' => 'común en el oficio',
    'of' => 'De qué',
    'columns' => [
        'count' => 'Cuántos',
        'share' => 'Proporción aquí',
        'expected' => 'El oficio espera',
        'found' => 'Encontrados',
        'put_right' => 'Corregidos',
        'put_right_share' => 'Proporción corregida',
    ],
    'summary' => [
        'seats' => 'Asientos revisados',
        'families' => 'Familias llamadas a un puesto',
        'erring' => 'Asientos que llegaron con algún error',
        'found' => 'Errores encontrados',
        'put_right' => 'De ellos, corregidos',
        'good' => 'Se fueron listos para viajar',
        'withdrawn' => 'Asientos que ya no se usan',
        'minutes' => 'Minutos por asiento, en promedio',
        'waited' => 'Minutos de espera, en promedio',
    ],
    'became' => ['not_noted' => 'Nadie lo anotó'],
    'suits_better' => 'Otro asiento le conviene más al niño',
    'span' => '{last, select, yes {{from} minutos o más} other {de {from} a menos de {to} minutos}}',
    'percent' => '{n} %',
    'count' => '{n}',
    'not_told' => 'menos de {n}',
    'chart' => '{table}, en barras; la tabla de al lado dice lo mismo',
    'hard' => [
        'title' => 'Asientos que con más frecuencia estaban flojos',
        'hint' => 'De modelos del catálogo, en todos los eventos.',
        'loose' => '{n} de {of} estaban flojos al llegar',
    ],
    'file' => 'Estas cifras en CSV, para nosotros',
    'file_others' => 'Estas cifras en CSV, para entregar',
    'listed' => '{n, plural, =0 {Ninguna revisión} one {# revisión, con su registro} other {# revisiones, con sus registros}}',
    'back' => 'Volver a los hallazgos',
    'none_listed' => 'Ninguna revisión cuenta aquí. Vuelva y elija otra cifra.',
    'made' => '{n, plural, =0 {Nada nuevo: todos los eventos terminados tienen sus cifras.} one {Se hicieron las cifras para entregar '
        . 'de # evento.} other {Se hicieron las cifras para entregar de # eventos.}}',
    'none_made' => 'De estos eventos todavía no se puede entregar nada: solo de los terminados, una vez hechas sus cifras.',
    'hand_on' => [
        'how' => 'Se cuentan de cinco en cinco, se hacen una vez por cada evento terminado y ya no cambian. Lo que no es seguro que sea '
            . 'cinco o más no se dice. Así no se puede identificar a nadie, como sea que se sumen o resten estas cifras.',
        'kinds' => 'No se dividen por tipo de asiento ni llevan promedios: de ellos se podría deducir un grupo pequeño.',
        'waiting' => '{n, plural, one {# evento terminado aún no tiene cifras para entregar.} other {# eventos terminados aún no tienen '
            . 'cifras para entregar.}}',
        'make' => 'Hacer sus cifras ahora',
    ],
    'seen' => [
        'of_model' => '{model}, en revisiones anteriores de aquí',
        'of_kind' => 'Asientos de este tipo ({kind}), en revisiones anteriores de aquí',
        'erring' => '{n} de {of} llegaron con algún error.',
        'errors' => 'Lo más frecuente: {errors}.',
        'error' => '{error} ({n})',
        'loose' => 'En revisiones anteriores de aquí, {n} de {of} asientos así estaban flojos; {held} de ellos quedaron firmes antes de '
            . 'irse.',
        'last_tried' => 'Lo último que se probó antes de que quedara firme:',
        'worked' => '{step}: {n} de {of, plural, one {# intento} other {# intentos}}',
    ],
    'too_few' => '{n, plural, one {Las cifras de # evento están hechas, pero se revisaron muy pocos asientos para decir alguna. Elija '
        . 'más eventos.} other {Las cifras de # eventos están hechas, pero se revisaron muy pocos asientos para decir alguna. Elija '
        . 'más eventos.}}',
    'since' => 'desde {month}',
    'until' => 'hasta {month}',
];
