<?php

declare(strict_types=1);

/** What scripts say in the browser. */

return [
    'not_sent' => 'No se envió: no hay red. No se perdió nada de lo anterior. Presione de nuevo cuando vuelva.',
    'signed_out' => 'La sesión se cerró entretanto. La última respuesta no se guardó: recargue, entre y déla de nuevo.',
    'broken' => 'La última respuesta no se guardó: algo falló de nuestro lado. Todo lo anterior está a salvo. Presione de nuevo.',
    'no_reading' => 'todavía sin lectura',
    'reading' => '{angle}° desde la vertical',
    'simulated' => '{angle}° desde la vertical, simulado',
    'no_sensor' => 'Apoye el dorso del teléfono plano contra el respaldo de la carcasa, con el lado largo hacia arriba. Si aquí no hay '
        . 'lectura, este aparato no tiene sensor: escriba el ángulo.',
    'looking' => 'Buscando un código.',
    'no_camera' => 'Aquí no se puede usar la cámara, o no está permitida. Tome una foto o escriba el código.',
    'looking_at_picture' => 'Mirando la foto.',
    'no_code' => 'No se encontró ningún código en esta foto. Acérquese, sosténgala quieta o escriba el código.',
];
