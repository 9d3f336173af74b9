<?php

declare(strict_types=1);

/** How quantities, dates and lists are told. */

return [
    'length' => ['mm' => '{n} mm', 'cm' => '{n} cm', 'in' => '{n} in'],
    'mass' => ['kg' => '{n} kg', 'lb' => '{n} lb'],
    'angle' => ['deg' => '{n}°'],
    'months' => '{months, plural, one {# month} other {# months}}',
    'age' => '{small, select, yes {{total, plural, =0 {less than 1 month} one {# month} other {# months}}} other {{years, plural, one {# '
        . 'year} other {# years}}{months, plural, =0 {} one { and # month} other { and # months}}}}',
    'just_over' => 'just over {quantity}',
    'just_under' => 'just under {quantity}',
    'share' => '{n} %',
    'share_less' => 'less than {n} %',
    'day' => 'd MMM y',
    'month' => 'MMM y',
    'year' => 'y',
    'list' => [
        'and' => '{first} and {last}',
        'or' => '{first} or {last}',
        'names' => ', ',
        'clauses' => '; ',
        'sentences' => ' ',
        'line' => ' · ',
        'between' => ', ',
    ],
    'symbol' => ['in' => 'in', 'mm' => 'mm', 'cm' => 'cm', 'lb' => 'lb', 'kg' => 'kg', 'deg' => '°'],
    'date' => '{date}',
];
