<?php

declare(strict_types=1);

/** What is shown when something cannot be shown. */

return [
    403 => [
        'title' => 'No puede abrirlo',
        'what' => 'Usted entró, pero esto no le corresponde.',
        'safe' => 'No se cambió nada.',
        'todo' => 'Pregunte a quien coordina.',
    ],
    404 => [
        'title' => 'No está aquí',
        'what' => 'No existe tal página, revisión o familia.',
        'safe' => 'No se cambió nada.',
        'todo' => 'Vuelva atrás, o empiece de nuevo desde el evento.',
    ],
    419 => [
        'title' => 'La sesión se cerró',
        'what' => 'Pasó demasiado tiempo y la página no se aceptó.',
        'safe' => 'Todo lo guardado antes está a salvo; la última respuesta no se guardó.',
        'todo' => 'Entre y dé otra vez la última respuesta.',
    ],
    429 => [
        'title' => 'Demasiados intentos',
        'what' => 'Hubo demasiados intentos en poco tiempo.',
        'safe' => 'No se cambió nada.',
        'todo' => 'Espere un minuto y pruebe de nuevo.',
    ],
    500 => [
        'title' => 'Algo falló aquí',
        'what' => 'La falla es nuestra.',
        'safe' => 'Cada respuesta guardada está a salvo; la última quizá no se guardó.',
        'todo' => 'Vuelva atrás y mire si está la última respuesta. Si se repite, diga la hora a quien coordina.',
    ],
    503 => [
        'title' => 'Cerrado por un momento',
        'what' => 'Mint Buckle se está preparando de nuevo.',
        'safe' => 'Todo lo guardado está a salvo.',
        'todo' => 'Pruebe de nuevo en un minuto.',
    ],
    'to_event' => 'Al evento',
    400 => [
        'title' => 'Eso no se puede leer',
        'what' => 'Lo que se envió contiene caracteres que ningún texto tiene.',
        'safe' => 'No se cambió nada.',
        'todo' => 'Vuelva atrás y escríbalo de nuevo.',
    ],
    405 => [
        'title' => 'Así no se hace',
        'what' => 'Esta dirección se pide de otra manera.',
        'safe' => 'No se cambió nada.',
        'todo' => 'Vuelva atrás o empiece de nuevo desde el evento.',
    ],
    413 => [
        'title' => 'Demasiado grande',
        'what' => 'Lo que se envió es más grande de lo que se puede recibir.',
        'safe' => 'No se cambió nada.',
        'todo' => 'Envíe un archivo más pequeño o un texto más corto.',
    ],
    414 => [
        'title' => 'Dirección demasiado larga',
        'what' => 'La dirección es más larga de lo que se puede recibir.',
        'safe' => 'No se cambió nada.',
        'todo' => 'Vuelva atrás o empiece de nuevo desde el evento.',
    ],
    502 => [
        'title' => 'Arrancando de nuevo',
        'what' => 'La aplicación no responde en este momento; se está arrancando de nuevo.',
        'safe' => 'Toda respuesta guardada está a salvo; la última puede no haberse guardado.',
        'todo' => 'Espere diez segundos, vuelva atrás y mire si la última respuesta está.',
    ],
    504 => [
        'title' => 'Demasiado lento',
        'what' => 'La respuesta tardó demasiado y se abandonó.',
        'safe' => 'Toda respuesta guardada está a salvo; la última puede no haberse guardado.',
        'todo' => 'Vuelva atrás y mire si la última respuesta está.',
    ],
    'busy' => [
        'title' => 'Otra persona está escribiendo ahí',
        'what' => 'Lo que se iba a cambiar lo está cambiando otra persona, o la base de datos está ocupada.',
        'safe' => 'No se guardó nada de la última respuesta.',
        'todo' => 'Espere un momento y désela de nuevo.',
    ],
];
