<?php

declare(strict_types=1);

/** What is learnt of a seat after its family has left. */

return [
    'title' => 'Añadir lo que se sabe desde entonces',
    'intro' => 'Lo firmado queda como se firmó. Lo que se añade aparece junto a ello en la hoja, con motivo y autor; las listas '
        . 'muestran lo peor de ambos.',
    'why' => '¿Por qué se añade ahora?',
    'another' => 'Otro dato',
    'kept' => 'Añadido a la revisión.',
    'since' => 'Añadido después de que la familia se fue',
    'by' => '{name}, {time}',
    'worse' => 'Con lo que se sabe ahora: {verdict}.',
    'mark' => 'añadido después de la firma',
];
