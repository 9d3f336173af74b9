<?php

declare(strict_types=1);

/** Lo que un evento trae consigo. */

return [
    'title' => 'Material',
    'left' => 'Material que queda',
    'intro' => 'Lo que toman las revisiones se descuenta solo: flotadores, toallas, sujetadores del cinturón y asientos que se dieron.',
    'nothing' => 'Todavía no se contó nada.',
    'low' => 'queda poco',
    'not_counted' => 'sin contar',
    'columns' => ['thing' => 'Cosa', 'left' => 'Queda', 'taken' => 'Tomado en revisiones', 'by_hand' => 'A mano', 'minimum' => 'Al menos'],
    'ways' => ['counted' => 'Contado', 'added' => 'Llegó', 'gone' => 'Salió'],
    'count_of' => 'Cuántos: {item}',
    'minimum_of' => 'Al menos: {item}',
    'keep_minima' => 'Guardar los mínimos',
    'given' => 'Asientos dados',
    'none_given' => 'No se dio ningún asiento.',
    'made' => '{known, select, yes {fabricado {made}} other {sin leer la fecha de fabricación}}',
    'items' => [
        'noodle' => 'Flotadores de espuma',
        'towel' => 'Toallas',
        'locking_clip' => 'Sujetadores del cinturón',
        'belt_peg' => 'Pinzas para el cinturón',
        'infant-seat-on-base' => 'Asientos para bebé',
        'convertible' => 'Asientos convertibles',
        'rotating' => 'Asientos giratorios',
        'combination' => 'Asientos combinados',
        'high-back-booster' => 'Elevadores con respaldo',
        'backless-booster' => 'Elevadores sin respaldo',
        'vest' => 'Chalecos',
        'scale' => 'Balanzas',
        'tape' => 'Cintas métricas',
        'angle_gauge' => 'Medidores de ángulo',
        'shears' => 'Tijeras',
        'forms' => 'Formularios',
    ],
];
