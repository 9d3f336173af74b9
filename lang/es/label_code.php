<?php

declare(strict_types=1);

/** What cannot be read from a label's code. */

return [
    'nothing' => 'Este código no contiene nada de la etiqueta de un asiento.',
    'not_a_label' => 'El código no es el de la etiqueta de un asiento.',
    'empty' => 'El código de la etiqueta está vacío.',
    'wrong' => 'El código es de una etiqueta, pero {path}: {problem}.',
];
