<?php

declare(strict_types=1);

/** Practice: what is wrong here? */

return [
    'fixed' => [
        'knotted_belt' => 'Un cinturón largo con nudo',
        'loose_wrap' => 'Una correa floja y deshilachada',
        'upright_loose' => 'Hacia atrás, demasiado vertical y flojo',
        'clip_high' => 'El broche alto, y algo más',
        'slid_down' => 'Un niño pequeño deslizado',
        'clip_low' => 'El broche bajo, y algo más',
        'slouch_hidden' => 'Correas apretadas que esconden algo',
        'vest_backwards' => 'Un chaleco y un abrigo',
        'no_crotch_strap' => 'Un chaleco con prisas',
        'wrong_path' => 'A través del asiento',
        'cargo_loop' => 'Una correa superior enganchada',
        'lap_on_belly' => 'Un elevador y su cinturón',
        'expired_recalled' => 'Lo que dice la etiqueta',
        'over_the_anchors' => 'Sujeto por los anclajes',
        'clip_and_retractor' => 'Dos bloqueos',
    ],
    'title' => 'Práctica',
    'look' => [
        'label' => 'Leer la etiqueta',
        'family' => 'Preguntar a la familia',
        'scale' => 'Pesar y medir',
        'manual' => 'Abrir el manual',
        'place' => 'Mirar el lugar',
        'belt' => 'Seguir el cinturón',
        'movement' => 'Probar el movimiento',
        'recline' => 'Leer ángulo y base',
        'tether' => 'Seguir la correa superior',
        'front' => 'Mirar al niño',
        'pinch' => 'Pellizcar las correas',
        'bench' => 'Mirar el asiento del autobús',
        'vest' => 'Mirar el chaleco',
    ],
];
