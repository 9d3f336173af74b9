<?php

declare(strict_types=1);

/** A calculator's answer in one sentence. */

return [
    'extras' => ['may_stay' => 'Puede quedar, usado como dice su fabricante.', 'take_off' => 'Quítelo.'],
    'expiry' => [
        'unknown' => 'Todavía no se puede decir: hace falta un sello, o la fecha de fabricación y la vida útil.',
        'until' => 'Primer día en que ya no se usa: {day}, en {left, plural, one {# día} other {# días}}.',
        'passed' => 'Ya no puede usarse desde el {day}.',
    ],
    'recall' => [
        'clear' => 'Ninguna campaña de esta lista lo alcanza.',
        'possible' => 'Una campaña puede alcanzarlo.',
        'affected' => 'Una campaña lo alcanza.',
        'unknown' => 'No se puede decir: el día no tiene una lista con fecha.',
    ],
    'locking' => [
        'works' => '{way}: esto funciona.',
        'none' => 'Nada bloquea este cinturón para este asiento. Elija otro lugar o los anclajes inferiores.',
    ],
    'unknown' => 'Todavía no se puede decir.',
    'anchors' => '{inclusive, select, yes {Hasta un niño de {weight}} other {Un niño de menos de {weight}}}, según {from}.',
    'wedge' => [
        'lifts' => '{stack, select, one_noodle {Un tubo de espuma levanta} three_noodles {Tres tubos de espuma, unidos en triángulo, '
            . 'levantan} other {Una toalla enrollada levanta}} el pliegue {lift} y {stack, select, three_noodles {ganan} other {gana}} '
            . '{gain}.',
        'forbidden' => 'Su fabricante prohíbe un tubo de espuma o una toalla: recline con el pie o el ajuste propio del asiento.',
        'unknown' => 'Todavía no se puede decir: hay que saber que el fabricante permite una cuña, y medir el ángulo y el largo de la '
            . 'base.',
        'none' => 'No hace falta cuña: con este ángulo el asiento no está demasiado vertical.',
    ],
    'slot' => [
        'right' => 'Ranura {slot}, contando desde la más baja.',
        'none' => 'Ninguna ranura está del lado correcto del hombro: le queda chico, o grande.',
    ],
    'modes' => ['unknown' => 'Todavía no se sabe de ninguna forma de viajar que le sirva.', 'best' => 'La mejor: {mode}.'],
    'belt_fit' => ['yes' => 'El cinturón solo le sirve a este niño.', 'no' => 'Todavía no: sigue el elevador.'],
    'room' => [
        'unknown' => 'Todavía no se sabe qué se puede ganar.',
        'together' => 'En total {room}{enough, select, yes {: alcanza} no {: no alcanza. Otro lugar u otro asiento} other {}}.',
    ],
    'flight' => ['yes' => 'Puede usarse en un avión.', 'no' => 'No puede usarse en un avión.', 'unknown' => 'Todavía no se puede decir.'],
];
