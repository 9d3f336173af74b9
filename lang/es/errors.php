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
        'what' => 'Hubo demasiados intentos con una contraseña.',
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
];
