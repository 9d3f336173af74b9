<?php

declare(strict_types=1);

/** Answers that many questions share. */

return [
    'yes' => 'Sí',
    'no' => 'No',
    'unsaid' => 'lo que dice el manual',
    'elsewhere' => 'En otra parte',
    'nothing' => 'nada',
    'open' => 'Todavía no se sabe algo del asiento o del vehículo.',
];
