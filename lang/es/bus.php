<?php

declare(strict_types=1);

/** The bus: its plans, its list before a trip. */

return [
    'why' => [
        'rear' => '{names} {n, plural, =1 {va} other {van}} hacia atrás, tan adelante como {n, plural, =1 {cabe el asiento} other {caben '
            . 'los asientos}}',
        'front' => '{names}: con sistema de sujeción, lo más adelante que hay lugar junto a la ventana',
        'empty' => 'La fila {row} {side, select, left {izquierda} other {derecha}} queda vacía: no tiene cinturones y está detrás de la '
            . 'correa que sujeta a {name}',
    ],
    'cut' => [
        'stops' => 'No se compararon todas las formas de juntar a los de una parada ni el orden de subida: son demasiadas',
        'places' => 'No se compararon todas las formas de colocar los sistemas de sujeción: son demasiadas',
    ],
    'impossible' => [
        'stock' => 'Nada de lo que hay le queda a {names}',
        'keep' => 'Sería posible si nadie tuviera que quedarse donde está',
        'count' => 'Sería posible con más sistemas de los que hay',
        'system' => 'Sería posible si nadie tuviera que usar un sistema determinado',
        'belt' => 'Sería posible con cinturones de regazo y hombro en las bancas',
        'lower_anchors' => 'Sería posible con anclajes inferiores en las bancas',
        'space' => 'Sería posible con más espacio entre las bancas',
        'exit' => 'Sería posible si se pudieran usar las filas de las salidas de emergencia, lo que no se permite',
        'places' => 'Sería posible con más lugares',
        'several' => 'Varias cosas lo impiden a la vez: menos pasajeros, más sistemas u otro autobús',
    ],
    'title' => 'Autobús',
    'subtitle' => 'Un lugar en un autobús escolar',
    'check' => [
        'title' => 'Revisar un asiento de autobús',
        'intro' => 'El mismo orden que en un vehículo, con otros lugares: qué sistema, hacia dónde mira, en qué lugar de la banca y cómo '
            . 'se sujeta; luego el niño en él. Se revisa en cada viaje.',
        'rider' => 'El pasajero',
        'bench' => 'La banca y el sistema',
        'seat' => 'Cuál del catálogo',
        'seat_hint' => 'Si no está, deje esto vacío: se anota desde su etiqueta en la revisión.',
        'begin' => 'Comenzar la revisión',
        'begun' => 'La revisión ha comenzado. Mire primero la banca.',
    ],
    'plan' => [
        'title' => 'Acomodar un autobús',
        'subtitle' => 'Quién se sienta dónde y con qué',
        'intro' => 'Los niños con sistema de sujeción van junto a la ventana y lo más adelante que se pueda, fuera de las filas de '
            . 'salida; nadie va sin cinturón detrás de una correa; los de una parada van juntos, los primeros en subir atrás.',
        'no_layouts' => 'Todavía no se ha anotado ningún autobús.',
        'riders' => 'Quién viaja',
        'roster' => 'Un pasajero por línea',
        'roster_hint' => 'En CSV, con este encabezado; para un adulto basta name. system es la seña de un sistema que debe usarse.',
        'bus' => 'El autobús',
        'stock' => 'Cuántos hay hoy',
        'proposal' => 'Propuesta {n} de {of}',
        'back' => 'La anterior',
        'next' => 'La siguiente',
        'seats' => 'Dónde va cada uno',
        'keep_hint' => 'Marque a quienes se quedan donde están y acomode de nuevo: los demás se mueven alrededor.',
        'boarding' => 'Suben en este orden',
        'impossible' => 'No todos encuentran lugar',
        'begin' => 'Aún sin acomodar',
        'begin_hint' => 'Revise los pasajeros y lo que hay, y luego pida el plan.',
        'seat' => 'Acomodar',
        'belts' => 'Los autobuses de hasta 10,000 lb de peso bruto tienen cinturones en todas partes ({seats}) y anclajes inferiores en '
            . 'al menos dos lugares ({anchors}); los más grandes solo necesitan uno para el chofer. De memoria.',
        'count' => '{id}: anote cuántos hay con un número',
        'outgrows' => 'Le quedará pequeño hacia {month}',
        'take' => 'Tomar esta propuesta',
        'by_hand' => 'A mano',
        'unseated' => 'Aún sin lugar: {names}.',
        'all_right' => 'Todos pueden viajar como están sentados.',
        'move_hint' => 'Pulse a alguien en el dibujo y luego el lugar; o arrástrelo hasta allí. Quien estaba ahí cambia de lugar. Quien '
            . 'se movió se queda ahí cuando se sienta a los demás.',
        'who' => 'Quién',
        'where' => 'Adónde',
        'move' => 'Mover',
        'drop' => 'Empezar de nuevo',
        'place' => 'Fila {row} {side, select, left {izquierda} other {derecha}}, {place, plural, =1 {junto a la ventana} other {lugar #}}',
    ],
    'roster' => [
        'header' => 'La primera línea nombra las columnas: {columns}. Se necesita name',
        'line' => 'Línea {line}: {problem}',
        'long' => 'La lista tiene más de {most} caracteres; acomode menos pasajeros a la vez',
        'wide' => 'La línea {line} tiene más campos que columnas la primera; ponga entre comillas un nombre que lleve coma',
    ],
    'fault' => [
        'needs' => '{who} necesita un sistema de sujeción, y nada de lo que hay le queda',
        'unfit' => '{system} no es para {who}',
        'stock' => '{who}: no hay tantos de {system}',
        'exit' => '{who}: la fila {row} es de salida, ahí no puede ir ningún sistema',
        'depth' => '{who}: {system} es más profundo que el espacio en la fila {row} {side, select, left {izquierda} other {derecha}}',
        'fixing' => '{who}: nada en la fila {row} {side, select, left {izquierda} other {derecha}} fija {system}',
        'aisle' => '{who}: un sistema no puede cubrir el lugar del pasillo',
        'window' => '{who}: los sistemas empiezan junto a la ventana; entre medio solo otro sistema',
        'shared' => '{who} y otra persona en un mismo lugar',
        'beyond' => '{who}: la fila {row} {side, select, left {izquierda} other {derecha}} no tiene tantos lugares',
        'behind' => '{who} va sin cinturón detrás de una correa',
        'foremost' => '{who} va mirando hacia atrás y podría ir más adelante: fila {row} {side, select, left {izquierda} other {derecha}}',
    ],
];
