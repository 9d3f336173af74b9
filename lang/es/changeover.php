<?php

declare(strict_types=1);

/** What changes between two ways of riding. */

return [
    'not_yet' => 'Todavía no: {why}.',
    'outgrown' => 'No antes de que le quede chico como está, hacia {month}: una estimación según las tablas de crecimiento.',
    'turn_rear' => 'Saque el asiento, déle la vuelta y use la ruta para mirar hacia atrás, debajo de las piernas.',
    'turn_forward' => 'Saque el asiento, déle la vuelta y use la ruta para mirar hacia adelante, detrás de la espalda.',
    'turn' => 'Saque el asiento y déle la vuelta, para que mire hacia adelante.',
    'no_tether_anchor' => 'Mirando hacia adelante necesita un anclaje de correa superior, y este lugar no lo tiene: elija un lugar que lo '
        . 'tenga, o consulte su manual.',
    'tether_on' => 'Saque la correa superior de donde se guarda y engánchela.',
    'tether_off' => 'Desenganche la correa superior y guárdela.',
    'tether_rear' => 'Enganche la correa superior a su anclaje para mirar hacia atrás.',
    'tether_booster' => 'Desenganche la correa superior y guárdela, salvo que el manual la use con el elevador.',
    'recline_manual' => 'Ponga la reclinación que el manual da para el peso de este niño.',
    'recline' => 'Ponga la reclinación en {settings}, para un niño de este peso.',
    'foot' => 'Ponga el pie de la base en: {foot}.',
    'part_on' => 'Ponga la pieza «{part}».',
    'part_off' => 'Quite la pieza «{part}».',
    'harness_out' => 'Saque el arnés: aflójelo, suba la cabecera hasta arriba, quite las correas de la placa y pase los retenedores por '
        . 'las ranuras.',
    'store_straps' => 'Guarde correas, placa y elásticos donde los guarda el asiento.',
    'harness_in' => 'Ponga el arnés como indica el manual, con cada retenedor plano detrás de su ranura.',
    'slot_right' => 'Pase las correas a la ranura correcta para la nueva dirección.',
    'slot' => 'Pase las correas a la ranura {slot}, contando desde la más baja.',
    'crotch' => 'Pase la correa de la entrepierna a la ranura {slots}.',
    'belt_holds_child' => 'Ahora el cinturón del vehículo sostiene al niño: abdominal y de hombro, corriendo libre.',
    'anchors' => '{broken, select, yes {Sujételo con el cinturón: los anclajes inferiores soportan con este asiento a un niño de {limit} '
        . 'como máximo.} other {Los anclajes inferiores lo sujetan hasta un niño de {limit}; por encima, el cinturón.}}',
    'hold' => 'Sujételo con el cinturón, o con los anclajes inferiores mientras lo permita la etiqueta.',
    'try_again' => 'Apriételo de nuevo y pruebe el movimiento en la ruta del cinturón.',
    'belt_again' => 'Abroche al niño y mire otra vez la parte abdominal y la del hombro.',
];
