<?php

declare(strict_types=1);

/** The handbook's page. */

return [
    'count' => '{n, plural, one {# regla} other {# reglas}}{searched, select, yes { con «{search}»} other {}}',
    'mark' => 'Marca',
    'title' => 'Guía',
    'subtitle' => 'Cada regla, sus límites y en qué difieren las escuelas',
    'look_for' => 'Buscar',
    'example' => 'correa, broche, elevador',
    'parts' => 'Partes',
    'rules' => 'Reglas',
    'limits' => 'Límites',
    'schools' => 'Escuelas',
    'published' => 'fuente publicada,',
    'common' => 'práctica común del oficio, sin fuente,',
    'memory' => 'escrito de memoria. Las instrucciones del asiento y del vehículo están por encima de todo; la ley y unos pocos mínimos '
        . 'están por debajo y nada baja de ellos.',
    'schools_title' => 'En qué difieren las escuelas y qué se hace aquí',
    'here' => 'Aquí: {what}.',
    'nothing' => 'Ninguna regla tiene todas estas palabras. Pruebe con una de ellas.',
    'limits_title' => 'Límites de las prácticas',
    'practice' => 'Práctica',
    'standards_title' => 'Lo que acompaña a la norma de la etiqueta',
    'standard' => 'Norma',
];
