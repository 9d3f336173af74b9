<?php

declare(strict_types=1);

/** Words that many screens share. */

return [
    'nothing' => 'Nada',
    'unchanged' => 'No se cambió nada.',
    'look_below' => 'No se perdió nada. {n, plural, one {Hay algo} other {Hay # cosas}} que mirar de nuevo abajo.',
    'keep' => 'Guardar',
    'none_of_these' => 'Ninguno de estos',
    'less_step' => 'Menos',
    'more_step' => 'Más',
    'choose' => 'Elija',
    'close' => 'Cerrar',
    'to_content' => 'Ir al contenido',
    'caution' => 'Mint Buckle apoya a un técnico capacitado. Primero están las instrucciones del asiento y del vehículo, la ley local y '
        . 'el técnico certificado.',
    'menu' => 'Principal',
    'units' => 'Unidades',
    'look' => 'Buscar',
    'cancel' => 'Cancelar',
    'leave_it' => 'Dejarlo',
    'export_csv' => 'Exportar CSV',
    'export_json' => 'Exportar JSON',
    'back_to_event' => 'Volver al evento',
    'print' => 'Imprimir',
    'language' => 'Idioma',
    'units_of' => ['imperial' => 'pulg · lb', 'metric' => 'mm · kg'],
    'pages' => 'Páginas',
    'page_before' => 'Página anterior',
    'page_after' => 'Página siguiente',
    'page_of' => '{n} de {all}',
];
