<?php

declare(strict_types=1);

/** A parent's consent to the check. */

return [
    'title' => 'Consentimiento',
    'wording' => 'Acepto que un técnico capacitado de {event} revise nuestros asientos infantiles en nuestro auto y nos ayude a '
        . 'usarlos. Nos apoyan; siguen valiendo las instrucciones del asiento y del vehículo y la ley, y conduzco a casa siendo '
        . 'responsable de mis pasajeros.',
    'given' => 'Dado a las {time}, ante {name}.',
    'signature' => 'La firma',
    'sign_here' => 'Firme aquí con el dedo',
    'wipe' => 'Borrar',
    'name' => 'o escriba su nombre',
    'agree' => 'Acepto',
    'kept' => 'Guardado.',
    'needed' => 'Firme en la pantalla, o escriba su nombre.',
];
