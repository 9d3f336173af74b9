<?php

declare(strict_types=1);

/** The parts of a check. */

return [
    'label' => ['title' => 'Etiqueta', 'task' => 'Lea quién lo hizo, cuándo y hasta cuándo puede usarse.'],
    'history' => ['title' => 'Historia', 'task' => 'Pregunte por choques; busque daños, piezas que faltan y agregados.'],
    'child' => ['title' => 'Niño', 'task' => 'Pese, mida y vea qué forma de viajar le sirve.'],
    'place' => ['title' => 'Lugar', 'task' => 'Mire el lugar en el vehículo antes que el asiento.'],
    'secure' => ['title' => 'Sujeción', 'task' => 'Vea qué sujeta el asiento y cómo se bloquea el cinturón.'],
    'measure' => ['title' => 'Medidas', 'task' => 'Pruébelo en la ruta del cinturón, con su mano menos hábil.'],
    'buckle' => ['title' => 'Abrochar', 'task' => 'Mire de frente al niño abrochado.'],
    'handover' => ['title' => 'Entrega', 'task' => 'La familia lo hace una vez sola y lo muestra.'],
    'bus' => [
        'title' => 'Autobús',
        'task' => 'Qué sistema, hacia dónde mira, en qué lugar de la banca y cómo se sujeta; luego el niño en él.',
    ],
];
