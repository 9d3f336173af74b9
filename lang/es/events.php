<?php

declare(strict_types=1);

/** The event's home page. */

return [
    'held' => '{day}, práctica {practice}.',
    'groups' => ['in_bays' => 'En los puestos', 'waiting' => 'Esperan', 'gone' => 'Ya se fueron'],
    'title' => 'Evento',
    'no_list' => 'No hay ninguna lista de retiros cargada.',
    'nobody' => 'Todavía no hay nadie',
    'nobody_hint' => 'Cuando llegue el primer vehículo, presione «Llega una familia».',
    'all' => 'Eventos',
    'all_intro' => 'Los que están abiertos, los que vienen y los que ya pasaron.',
    'new' => 'Planear un evento',
    'plan' => 'Plan del evento',
    'plan_intro' => 'Cada cifra de la ley necesita su fuente. Con lo que dice aquí se juzga cada asiento de este evento.',
    'as' => 'Empezar con las cifras de',
    'as_one' => '{name}, {day}',
    'as_take' => 'Tomar estas',
    'when' => 'Cuándo y dónde',
    'name' => 'Nombre',
    'place' => 'Lugar',
    'day' => 'Día',
    'timezone' => 'Zona horaria',
    'opens' => 'Abre',
    'closes' => 'Cierra',
    'bays' => 'Puestos',
    'expected' => 'Asientos esperados',
    'minutes' => 'Minutos por asiento',
    'minutes_hint' => 'Práctica común: 30.',
    'crew' => 'Quién trabaja ahí',
    'rules' => 'Con qué reglas',
    'practice' => 'Práctica',
    'second' => 'Una segunda persona firma cada revisión',
    'line' => '{day}{place, select, none {} other {, en {place}}}.',
    'hours' => 'De {from} a {to}.',
    'counts' => '{families, plural, one {# familia} other {# familias}}, {seats, plural, one {# asiento} other {# asientos}}, {crew, '
        . 'plural, =0 {nadie} one {una persona} other {# personas}} para trabajar.',
    'choose' => 'Trabajar aquí',
    'here' => 'Usted trabaja aquí',
    'to_open' => ['planned' => 'Abrirlo', 'closed' => 'Abrir otra vez'],
    'close' => 'Cerrarlo',
    'opened' => 'Está abierto.',
    'closed' => 'Está cerrado.',
    'kept' => 'El plan quedó guardado.',
    'not_open' => 'Ningún evento está abierto. Quien coordina abre uno en Eventos.',
    'states' => [
        'open' => 'Abiertos',
        'planned' => 'Planeados',
        'closed' => 'Pasados',
    ],
    'crash' => [
        'title' => 'Un asiento que estuvo en un choque',
        'strict' => 'No se usa más',
        'minor_crash' => 'Puede usarse después de un choque menor, si su fabricante lo permite',
    ],
    'law' => [
        'title' => 'Lo que pide la ley',
        'hint' => 'Vacío donde no pide nada. Cada cifra necesita su fuente: la ley y su artículo.',
        'months' => 'Meses',
        'weight' => 'Peso',
        'source' => 'Fuente',
        'law_rear_facing_until_months' => 'Mirando hacia atrás hasta la edad de',
        'law_rear_facing_until_weight' => 'Mirando hacia atrás hasta el peso de',
        'law_booster_from_months' => 'Elevador no antes de la edad de',
        'law_booster_until_months' => 'Elevador hasta la edad de',
        'law_back_row_until_months' => 'Fila de atrás hasta la edad de',
    ],
    'certificate' => [
        'holds' => 'certificación hasta el {until}',
        'ends_soon' => 'la certificación termina el {until}',
        'ended' => 'la certificación terminó el {until}: no puede firmar',
        'unknown' => 'nadie dijo hasta cuándo tiene certificación',
    ],
    'capacity' => [
        'title' => 'Cuánto esperan las familias',
        'nothing' => 'Indique el horario, los asientos esperados y quién trabaja.',
        'wait' => '{minutes, plural, =0 {Casi no se espera} one {Alrededor de un minuto de espera} other {Alrededor de # minutos de '
            . 'espera}}',
        'grows' => '{technicians, plural, =0 {No hay nadie para revisar asientos} other {Llega más de lo que # pueden revisar: la fila '
            . 'solo crece}}',
        'p90' => 'Nueve de cada diez familias esperan {minutes, plural, =0 {nada} one {un minuto como máximo} other {# minutos como '
            . 'máximo}}.',
        'played' => 'Una simulación encuentra de {low} a {high} minutos en promedio.',
        'needed' => '{technicians, plural, one {Un técnico mantiene} other {# técnicos mantienen}} la espera en diez minutos o menos; '
            . 'planeados: {planned}.',
        'can' => 'Los técnicos planeados pueden revisar {seats, plural, one {# asiento} other {# asientos}}; se esperan {expected}.',
        'seniors' => 'Un revisor principal para cuatro técnicos como máximo: se necesitan {needed}, hay {planned}.',
        'model' => 'Se supone que las familias llegan al azar y que los asientos toman tiempos de cola larga (la fila de Erlang), cuando '
            . 'la fila ya se asentó. Una multitud al abrir espera más.',
    ],
];
