<?php

declare(strict_types=1);

/** Every entry of a check, and what was changed. */

return [
    'declined' => 'Rechazado: {what}',
    'ticked' => 'Un paso de la tarjeta',
    'withdrawn' => 'Qué fue del asiento',
    'sent_off' => 'Se fue con algo pendiente',
    'confirmed' => 'Ortografía confirmada en la etiqueta',
    'whole' => [
        'seat' => 'Asiento, del catálogo o de su etiqueta',
        'vehicle' => 'Vehículo',
        'setup' => 'Instalación',
        'handover' => 'Entrega',
    ],
    'taken_back' => 'retirado',
    'no_longer' => 'ya no',
    'entered' => 'ingresado',
    'yes' => 'sí',
    'not_known' => 'no se sabe',
    'affirmed' => 'afirmado en una lista',
    'seen' => 'Visto: {what}',
    'tried' => 'Probado: {what}',
];
