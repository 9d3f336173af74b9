<?php

declare(strict_types=1);

/** What the family looks at before every ride. */

return [
    'movement' => 'En la ruta del cinturón el asiento se mueve {known, select, inclusive {no más de {limit}} below {menos de {limit}} '
        . 'other {no más de lo que permite su fabricante}}, de lado a lado y de adelante hacia atrás.',
    'handle' => 'El asa está en una posición de viaje: {handles}.',
    'test' => 'Recoja la holgura desde la cadera, luego con el ajustador, luego haga la prueba en el hombro: {test, select, pinch {no se '
        . 'puede pellizcar la cinta a lo largo} other {entre la correa y el niño entra un dedo, dos no}}.',
    'alone_back' => 'Espalda contra el asiento del vehículo, rodillas dobladas en el borde.',
    'alone_belt' => 'Parte abdominal baja sobre los muslos; parte del hombro por el centro del pecho, nunca debajo del brazo.',
    'shell' => 'La carcasa hace clic en su base, y todos los indicadores dicen bloqueado.',
    'turned' => 'La carcasa está girada a su posición de viaje y bloqueada ahí.',
    'recline' => 'El indicador de reclinación está donde debe, en suelo nivelado.',
    'zone' => 'El indicador de reclinación está en la zona para este niño, en suelo nivelado.',
    'sits' => 'Cadera y espalda contra el asiento, sin abrigo, correas planas.',
    'chest_clip' => 'Broche de pecho a la altura de las axilas.',
    'tether_rear' => 'Con el niño sentado, la correa superior se vuelve a tensar: sin holgura, sin arrastrar el asiento.',
    'tether' => 'La correa superior está enganchada y tensa.',
    'booster_sits' => 'Cadera y espalda contra el elevador.',
    'guide' => 'La guía del cinturón de la cabecera al nivel del hombro o apenas por encima.',
    'lap' => 'Parte abdominal baja sobre los muslos, debajo de ambos apoyabrazos.',
    'shoulder' => 'Parte del hombro por el centro del pecho, ceñida, nunca debajo del brazo.',
    'empty' => 'El elevador abrochado cuando nadie va sentado en él.',
    'head_restraint' => 'Ponga de nuevo el apoyacabezas del vehículo cuando alguien se siente aquí sin este asiento.',
];
