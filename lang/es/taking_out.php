<?php

declare(strict_types=1);

/** How a seat comes out again. */

return [
    'tether' => 'Afloje la correa superior y desengánchela.',
    'shell' => 'Levante la carcasa de su base con la palanca de liberación.',
    'anchors' => 'Afloje la correa de anclaje, luego desenganche ambos extremos y guárdelos en el asiento.',
    'booster' => 'Desabroche al niño y deje que el cinturón se enrolle; luego saque el elevador.',
    'head_restraint' => 'Ponga el apoyacabezas del vehículo de nuevo en su lugar.',
    'unbuckle' => 'Desabroche el cinturón.',
    'clamp_door' => 'Luego abra la puerta de sujeción.',
    'lockoff' => 'Luego abra el bloqueador.',
    'clip' => 'Quite el clip de bloqueo: el cinturón debe correr libre para las personas.',
    'pull_out' => 'Saque el cinturón de la ruta y deje que se enrolle por completo.',
];
