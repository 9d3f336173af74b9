<?php

declare(strict_types=1);

/** The list before a bus sets off, and the trips behind it. */

return [
    'title' => 'Antes del viaje',
    'heading' => '{bus}: antes del viaje',
    'history' => 'Viajes',
    'intro' => 'Cada viaje se revisa de nuevo: quién miró, cuándo, qué se encontró y se corrigió.',
    'every_bus' => 'Todos los autobuses',
    'none' => 'Aún no se ha revisado ningún viaje. Distribuya un autobús y empiece su lista.',
    'coming_back' => 'Lo que se repite',
    'again' => '{where}: {what}, en {times, plural, other {# viajes}}',
    'state' => '{signed, select, yes {Firmado {initials} a las {time}} other {{open, plural, =0 {Revisado, sin firmar} one {Queda # línea '
        . 'por mirar} other {Quedan # líneas por mirar}}}}',
    'whole' => 'El autobús entero',
    'bench' => 'Fila {row} {side, select, left {izquierda} other {derecha}}',
    'look' => [
        'way' => 'El pasillo y las salidas de emergencia están libres, y no hay nada suelto',
        'wrap' => 'La correa marca el respaldo y no está deshilachada',
        'behind' => '{empty, select, yes {La fila {row} detrás de la correa está vacía} other {Quien va en la fila {row} detrás de la '
            . 'correa lleva cinturón o sistema de sujeción}}',
        'belt' => 'Los cinturones están sanos y planos, y sus hebillas no salen más de {end}',
        'restraint' => '{who}: {system, select, rear_harness {el asiento hacia atrás} forward_harness {el asiento hacia adelante} '
            . 'integrated {el asiento integrado} addon {el arnés añadido} vest {el chaleco} booster {el elevador} other {el sistema}} '
            . 'está {held, select, belt {sujeto por el cinturón} lower_anchors {sujeto por los anclajes inferiores} wrap {fijado a la '
            . 'correa en caderas y hombros} other {entero}} y no se suelta',
        'straps' => '{who}: espalda contra el asiento, {system, select, vest {chaleco del lado correcto y sin abrigo debajo, caderas '
            . 'ajustadas antes que hombros, correa de entrepierna ceñida} booster {parte abdominal baja, diagonal por el centro del '
            . 'pecho} other {sin abrigo, correas a la altura correcta, planas y ceñidas}}',
    ],
    'signed' => 'Firmado {initials} a las {time}. La lista queda como está.',
    'whose' => '¿De quién son las iniciales junto a lo que se marca?',
    'start' => 'Empezar a mirar',
    'as' => 'como {initials}',
    'progress' => '{done} de {of} mirados',
    'sign' => 'Firmar como {initials}: el autobús puede salir',
    'next' => 'La lista del próximo viaje',
    'left_out' => 'Lo que se deja fuera no se usa en este viaje: quien iba ahí necesita otro lugar o sistema antes de salir.',
    'every' => 'Cinturones, correas del respaldo, arneses y los asientos detrás de ellas se miran antes de cada viaje y en cada uso. '
        . 'Práctica común del oficio; el fabricante puede pedir más.',
    'right' => 'Bien',
    'not_so' => 'No es así',
    'what' => 'Qué está mal',
    'note' => 'En palabras',
    'put_right' => 'Corregido',
    'leave_out' => '{way, select, yes {No está libre} other {No se usa en este viaje}}',
    'rest' => 'Las otras {n} de aquí están bien',
    'seen' => '{outcome, select, right {Bien} put_right {{what}{noted, select, yes { ({note})} other {}}: corregido} other {{what}{noted, '
        . 'select, yes { ({note})} other {}}: no se usa}}, {initials} {time}',
    'begin' => 'Empezar la lista de un viaje',
    'later' => 'Viajes posteriores',
    'earlier' => 'Viajes anteriores',
    'at' => '{day}, {time}',
    'look_again' => 'Mirar de nuevo',
];
