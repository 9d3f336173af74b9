<?php

declare(strict_types=1);

/** Why a plan of a car is as it is, and what stands in the way of every plan. */

return [
    'stays' => '{who} se queda en {at}.',
    'moves' => '{who} pasa a {at}.',
    'held' => [
        'belt' => '{who} en {at}: sujete el asiento con el cinturón.',
        'borrowed' => '{who} en {at}: ambos manuales permiten las barras interiores de los lados; mida que estén a {apart} una de otra, o '
            . 'como diga el manual del asiento.',
        'lower_anchors' => '{who} en {at}: sujete el asiento con los anclajes inferiores.',
    ],
    'advised' => '{who} en {at}: {says} {do}',
    'unknown' => '{who} en {at}: mire primero, no se sabe todo: {facts}.',
    'middle' => '{who}, {whom, select, youngest {de menor edad} other {con menos protección}}, tiene el centro de atrás, lo más lejos de '
        . 'cualquier golpe lateral.',
    'kerb' => '{who}, {whom, select, youngest {de menor edad} other {con menos protección}}, va del lado de la acera.',
    'middle_free' => '{middle} queda libre: con {who} ahí los asientos juntos medirían {seats} de ancho, y sus lugares tienen {usable}.',
    'widths' => 'No se conocen todos los anchos: pruebe si los asientos caben juntos.',
    'obstacles' => [
        'mode' => 'No se conoce ningún modo del asiento que le quede a {who}. Revise sus límites o elija otro asiento.',
        'riders' => 'Hay {riders} pasajeros y {places} lugares libres. Desocupe un lugar o lleve un segundo vehículo.',
        'keep' => '{count, plural, one {{who} debe} other {{who} deben}} quedarse en su lugar. Permita que se muevan.',
        'wide' => 'Los asientos juntos son más anchos que sus lugares. Un asiento más angosto, o uno de ellos en otra fila o vehículo.',
        'rule' => '{who}: {says} {do}',
        'at' => '{who} en {at}',
    ],
];
