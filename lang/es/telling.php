<?php

declare(strict_types=1);

/** How quantities, dates and lists are told. */

return [
    'length' => ['mm' => '{n} mm', 'cm' => '{n} cm', 'in' => '{n} pulg'],
    'mass' => ['kg' => '{n} kg', 'lb' => '{n} lb'],
    'angle' => ['deg' => '{n}°'],
    'months' => '{months, plural, one {# mes} other {# meses}}',
    'just_over' => 'apenas más de {quantity}',
    'just_under' => 'apenas menos de {quantity}',
    'share' => '{n} %',
    'share_less' => 'menos del {n} %',
    'day' => 'd \'de\' MMM \'de\' y',
    'month' => 'MMM \'de\' y',
    'year' => 'y',
    'list' => [
        'and' => '{first} y {last}',
        'or' => '{first} o {last}',
        'names' => ', ',
        'clauses' => '; ',
        'sentences' => ' ',
        'line' => ' · ',
        'between' => ', ',
    ],
    'age' => '{small, select, yes {{total, plural, =0 {menos de 1 mes} one {# mes} other {# meses}}} other {{years, plural, one {# año} '
        . 'other {# años}}{months, plural, =0 {} one { y # mes} other { y # meses}}}}',
    'symbol' => ['in' => 'pulg', 'mm' => 'mm', 'cm' => 'cm', 'lb' => 'lb', 'kg' => 'kg', 'deg' => '°'],
    'date' => '{date}',
];
