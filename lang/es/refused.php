<?php

declare(strict_types=1);

/** Why an entry is not taken, and what to do. */

return [
    'enter_something' => 'Anote algo o déjelo sin saber.',
    'yes_or_no' => 'Elija sí o no.',
    'choose_one' => 'Elija una.',
    'choose_some' => 'Elija al menos una, o «Ninguno de estos».',
    'enter_measured' => 'Anote lo que midió.',
    'no_number' => '«{text}» no es un número. Anótelo como 12, 12.5 o 1 1/2.',
    'no_such_slot' => 'Ninguna ranura está a {height} sobre el asiento. Mire la unidad.',
    'no_unit' => 'La página no dijo en qué unidad. Ábrala de nuevo.',
    'write_lines' => 'Escriba una cosa por línea, o presione «Nada».',
    'say_what' => 'Diga qué es, o presione «Nada».',
    'enter_number' => 'Anote un número.',
    'enter_share' => 'Anote un porcentaje, de 0 a 100.',
    'nothing_to_take' => 'No hay nada que tomar.',
    'not_a_fact' => 'Esto no es un dato de la revisión.',
    'handover_later' => 'La entrega se pide cuando el asiento se va, no como se encontró.',
    'why_declined' => 'Escriba por qué la familia lo rechaza; sigue contando como abierto.',
    'nothing_to_undo' => 'No hay nada que deshacer.',
    'entered_meanwhile' => 'Entretanto se anotó algo. Mírelo primero y luego deshaga.',
    'other_kept' => 'Con esta anotación ya se había guardado otra respuesta y su confirmación se perdió en el camino. Ahora se muestra lo '
        . 'guardado; responda de nuevo si no es correcto.',
    'signed' => 'Esta familia ya se fue; su revisión está firmada y queda como está.',
    'look_once_more' => 'Se anotó algo desde que se hizo esta página. Mire una vez más.',
    'say_why' => 'Todavía hay algo abierto. Elija o escriba por qué la familia se va igual.',
    'second_person' => 'Este día pide una segunda persona. Que elija su nombre y escriba su propia contraseña.',
    'not_of_a_place' => 'Esto no es un dato de un lugar.',
    'move_first' => 'Así no puede ser: {problem}. Mueva primero al niño.',
    'case' => 'Esto no vale: {problem}.',
    'with_model' => 'Con este modelo, {path}: {problem}. Corrija eso primero.',
    'arrive' => [
        'units' => 'El formulario no dijo en qué unidades están peso y estatura. Ábralo de nuevo.',
        'first_name' => 'Anote el nombre de pila con que se llamará a la familia.',
        'consent' => 'Pregunte a la familia si puede revisar sus asientos y marque aquí cuando digan que sí.',
        'vehicle' => 'Anote marca y modelo del vehículo.',
        'layout' => 'Elija cómo están dispuestos los lugares del vehículo.',
        'seat' => 'Elija el asiento, o «no está en el catálogo».',
        'maker' => 'Anote el fabricante que dice la etiqueta del asiento.',
        'mode' => 'Elija cómo viaja el niño.',
        'position' => 'Elija el lugar en el vehículo.',
        'born_on' => 'Anote la fecha de nacimiento como año-mes-día.',
    ],
    'walk_in' => ['consent' => 'Pregunte a la familia si puede revisar su asiento y marque aquí cuando digan que sí.'],
    'file' => [
        'recalls' => 'Elija un archivo: CSV o JSON.',
        'not_whole' => 'El archivo no llegó entero. Quizá supera 64 MiB.',
        'large_list' => 'El archivo supera 64 MiB.',
        'dated' => 'Anote la fecha de la lista como 2026-10-01.',
        'models' => 'Elija un archivo: JSON o CSV.',
        'large' => 'El archivo supera 1 MiB.',
    ],
    'sign_in' => [
        'name' => 'Escriba su nombre.',
        'password' => 'Escriba su contraseña.',
        'wrong' => 'El nombre y la contraseña no se corresponden. Revise ambos y pruebe de nuevo.',
    ],
    'at_field' => '{problem}.',
];
