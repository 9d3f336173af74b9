<?php

declare(strict_types=1);

/** Whether a seat may be used on an aircraft, and how. */

return [
    'booster' => 'Los elevadores no se pueden usar en un avión: no hay cinturón de hombro.',
    'not_certified' => 'Su etiqueta no dice que está certificado para aeronaves.',
    'base' => 'Su carcasa tendría que sujetarse sin la base, y su fabricante no lo permite.',
    'outside' => 'El niño está fuera de los límites de este modo de viajar: {why}.',
    'yes' => 'Su etiqueta dice que está certificado para aeronaves, y el niño está dentro de sus límites hasta donde se conocen aquí.',
    'how' => 'Indique cómo se usará: mirando hacia atrás o hacia adelante. Un elevador nunca se usa.',
    'wording' => 'Busque en la etiqueta palabras como estas: «This restraint is certified for use in motor vehicles and aircraft».',
    'look_base' => 'Mire si su carcasa se separa de una base, que se queda. Una carcasa que solo gira sobre su base no se separa.',
    'ask_base' => 'Consulte en su manual si la carcasa se puede sujetar sin su base.',
    'weigh' => 'Los límites del asiento valen también en el aire: pese y mida al niño, y vea cómo se sienta.',
    'step_base' => 'La base se queda: sujete la carcasa por su propia ruta.',
    'step_belt' => 'Use solo el cinturón abdominal, por la misma ruta que en el vehículo.',
    'step_upright' => 'En filas estrechas ayuda una posición más vertical, si el niño puede llevarla.',
    'step_window' => 'Un lugar de ventanilla deja libre la salida; nunca en una fila de salida.',
    'step_airline' => 'Pregunte antes a la aerolínea qué filas permite.',
];
