<?php

declare(strict_types=1);

/** The limits of the practices and the conventions of the label standards, side by side. */

return [
    'practices' => ['us' => 'Estados Unidos', 'nz' => 'Nueva Zelanda', 'au' => 'Australia'],
    'rows' => [
        'movement' => 'Movimiento permitido en la ruta del cinturón',
        'clip' => 'Clip de bloqueo, distancia de la placa de enganche',
        'anchors_forward' => 'Anclajes inferiores, niño y asiento juntos, hacia adelante, cuando la etiqueta no da cifra',
        'anchors_rear' => 'Anclajes inferiores, niño y asiento juntos, hacia atrás, cuando la etiqueta no da cifra',
        'made_from' => 'Esto vale para asientos fabricados desde',
        'no_tether' => 'Arnés hacia adelante sin anclaje superior',
        'booster' => 'Elevador no antes de',
        'accepted' => 'Normas aceptadas en la etiqueta',
        'rear_straps' => 'Por dónde salen las correas, hacia atrás',
        'forward_straps' => 'Por dónde salen las correas, hacia adelante',
        'tightness' => 'Prueba de tensión de las correas',
        'chest_clip' => 'Broche de pecho',
        'rear_tether' => 'Correa superior, hacia atrás',
    ],
    'values' => [
        'bound' => '{inclusive, select, yes {como máximo} other {menos de}} {limit}',
        'together' => '{known, select, yes {{limit} como máximo} other {solo la etiqueta}}',
        'made_from' => '{known, select, yes {{day}} other {no aplica}}',
        'no_tether' => '{allowed, select, yes {solo si el fabricante lo dice} other {nunca}}',
        'booster' => '{heavy, select, yes {{from} y {weight}} other {{from}}}',
        'straps' => '{rule, select, at_or_below {al nivel del hombro o debajo} at_or_above {al nivel del hombro o encima} other {al '
            . 'nivel, hasta 25 mm encima}}',
        'tightness' => '{test, select, pinch {pellizco: no se puede pellizcar la cinta a lo largo} other {un dedo entre la correa y el '
            . 'niño, no dos}}',
        'chest_clip' => '{has, select, yes {tiene, a la altura de las axilas} other {ninguno}}',
        'rear_tether' => '{always, select, yes {siempre, salvo que el asiento lo prohíba} other {solo si el asiento la exige}}',
        'none' => 'ninguna',
        'label_only' => 'solo la etiqueta',
    ],
    'differ' => '{mark}; las escuelas difieren',
    'named' => [
        'as_entered' => '{limit}',
        'armpit' => 'a la altura de las axilas',
        'mid_chest' => 'por el centro del pecho',
        'lap_shoulder' => 'cinturón de tres puntos',
        'pinch' => 'el pellizco',
        'one_finger' => 'un dedo',
        '30 days' => '30 días',
    ],
];
