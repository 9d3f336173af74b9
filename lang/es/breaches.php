<?php

declare(strict_types=1);

/** Reasons, as clauses of a sentence. */

return [
    'limit' => '{what, select, weight {el peso de} height {la estatura de} other {la edad de}} {measured} {against, select, not_more {no '
        . 'es mayor que} less {es menor que} not_less {no es menor que} other {es mayor que}} {limit}',
    'floor' => '{what, select, weight {el peso de} other {la edad de}} {measured} está por debajo del mínimo de {floor} para este modo',
    'no_slot' => 'ninguna ranura permitida sirve para un hombro a {shoulder}',
    'head_rear' => '{above} de carcasa por encima de la cabeza {inclusive, select, yes {es menos} other {no es más}} de {least}',
    'head_forward' => 'la punta de las orejas está por encima de la carcasa o del apoyacabezas',
    'marker' => 'el hombro está {marker, select, below {por debajo} other {por encima}} de las marcas de hombro del asiento',
    'belt_fit' => [
        'back' => 'la espalda no descansa contra el asiento',
        'knees' => 'las rodillas no doblan en el borde del asiento',
        'lap' => 'la parte abdominal no queda sobre los muslos',
        'shoulder' => 'la parte del hombro no cruza el centro del pecho',
        'stays' => 'el niño no puede quedarse así todo el viaje',
    ],
    'stature' => 'la estatura de {height} está por debajo de {least}',
    'law_booster' => 'la ley pide un elevador hasta {until}',
    'law_rear' => 'la ley pide viajar mirando hacia atrás hasta {until}',
    'zone' => [
        'young' => 'es muy pequeño de edad',
        'old' => 'es muy grande de edad',
        'light' => 'pesa muy poco',
        'heavy' => 'pesa demasiado',
        'sitting' => 'todavía no se sienta sin apoyo',
    ],
    'not_known' => '{fact}: no se sabe',
    'only_held' => 'solo sujeto con {held, select, lower_anchors {los anclajes inferiores} other {el cinturón}}',
    'crash' => [
        'drove_away' => 'el vehículo no pudo seguir por sí mismo',
        'near_door_sound' => 'la puerta más cercana al asiento se dañó',
        'nobody_hurt' => 'alguien en el vehículo resultó herido',
        'no_airbag' => 'se abrió una bolsa de aire',
        'seat_sound' => 'se ve daño en el asiento',
    ],
    'crotch' => [
        'under_child' => 'La correa de la entrepierna está debajo del niño.',
        'slot' => 'La ranura de entrepierna {slot} no es para este modo.',
        'nearer' => 'Otra ranura de entrepierna permitida está más cerca y libre del niño.',
    ],
    'unsigned' => ['technician' => 'El técnico no ha firmado.', 'checker' => 'El segundo firmante no ha firmado.'],
];
