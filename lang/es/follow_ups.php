<?php

declare(strict_types=1);

/** Families to be told that a seat is outgrown or expires. */

return [
    'title' => 'Asientos que quedan chicos o vencen',
    'intro' => 'Familias que dejaron un contacto y cuya fecha llega en {n} días o ya pasó. Lo que se dice está en su idioma.',
    'soon' => 'Solo las próximas',
    'all' => 'Todas',
    'nobody' => 'Ahora no hay que avisar a nadie.',
    'of' => '{kind}: {seat}, {past, select, yes {desde el {day}} other {{day}}}',
    'kinds' => ['outgrown' => 'probablemente quede chico', 'expires' => 'vence'],
    'told' => 'Avisó {name}, {day}{mailed, select, yes {, por correo (simulado)} other {}}.',
    'untell' => 'No se avisó',
    'mail' => 'Escribir un correo (simulado)',
    'say' => [
        'subject' => '{kind, select, expires {Su asiento infantil vence el {day}} other {Es probable que a su hijo le quede chico el '
            . 'asiento}}',
        'hello' => 'Hola, {family}. Le habla la revisión de asientos infantiles, {event}.',
        'what' => '{kind, select, expires {El asiento {seat} ya no puede usarse desde el {day}.} other {Según las tablas de '
            . 'crecimiento, es probable que a su hijo le quede chico el asiento {seat}, como viaja ahora, hacia {month}. Es una '
            . 'estimación.}}',
        'do' => '{kind, select, expires {Busque otro con tiempo, y corte las correas del viejo antes de tirarlo.} other {Compare el '
            . 'peso y la estatura con los límites de la etiqueta, y venga a una revisión antes de cambiar algo.}}',
        'manual' => 'Primero valen las instrucciones del asiento y del vehículo y la ley.',
    ],
];
