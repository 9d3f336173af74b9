<?php

declare(strict_types=1);

/** The take-home sheet. */

return [
    'dates' => [
        'slot' => 'El hombro llega a la siguiente ranura del arnés: revise las correas. Una estimación.',
        'outgrown' => 'Al niño le queda chico como {mode}. Una estimación según las tablas de crecimiento.',
        'expires' => 'Desde este día el asiento ya no puede usarse.',
        'about' => 'Hacia {month}',
        'day' => '{day}',
    ],
    'by' => [
        'both' => 'Revisado por {technician}; revisado por segunda vez por {checker}.',
        'one' => 'Revisado por {technician}.',
        'nobody' => 'Todavía sin firmar.',
    ],
    'put_right' => 'Corregido: {what}',
    'heading' => 'Su revisión, {day}',
    'seen_by' => 'Visto por segunda vez por {name}.',
    'still' => 'Lo que está arriba bajo «Antes de que este niño viaje en él» todavía hay que corregirlo.',
    'title' => 'Hoja para llevar',
    'child' => 'Niño {letter}: {verdict}',
    'before' => 'Antes de que este niño viaje en él',
    'declined' => 'La familia no quiso cambiarlo: «{why}».',
    'unfinished' => 'La revisión no está terminada: {n, plural, one {falta mirar # cosa} other {falta mirar # cosas}}, así que no puede '
        . 'prometerse nada.',
    'corrected' => 'Lo que se encontró y se corrigió',
    'again' => 'Cómo volver a hacerlo',
    'no_card' => 'Así como está, ningún niño puede viajar en él; por eso no se imprimen pasos para instalarlo.',
    'every_ride' => 'En cada viaje',
    'advice' => 'Bueno saberlo',
    'ahead' => 'Fechas por venir',
    'short' => 'Hoja',
    'left_at' => 'La familia se fue a las {time}.',
    'left_open' => 'Se fueron con algo abierto',
    'manuals' => 'Lea los manuales del asiento y del vehículo y guarde el del asiento con él. Nada suelto en el vehículo; todos '
        . 'abrochados; el asiento de atrás hasta los 13.',
    'questions' => '¿Preguntas?',
    'ask' => 'Pregunte a un técnico certificado en seguridad de niños pasajeros, o al fabricante del asiento, con el número de modelo y '
        . 'la fecha de fabricación.',
    'fine' => 'Esta hoja dice lo que se vio ese día. Primero están las instrucciones del asiento y del vehículo y la ley, y el asiento '
        . 'debe revisarse de nuevo cada vez que se mueva, quede chico o pase por un choque.',
    'became' => 'El asiento que ya no se usa: {what}.',
    'withdrawn' => [
        'destroyed' => 'correas cortadas, a la basura',
        'taken' => 'se lo llevó el evento',
        'kept' => 'lo conserva la familia, sin usarlo',
    ],
    'right' => 'Lo que usted ya hizo bien',
    'next' => 'Lo que viene después',
    'large_print' => 'Letra grande',
    'usual_print' => 'Letra normal',
    'calendar' => 'Fechas como archivo de calendario',
    'register' => 'Registrar el asiento',
    'register_how' => 'Para que le llegue un aviso de retiro: {where}. Qué anotar: {enter}.',
    'link' => 'Esta hoja en su teléfono, durante {n} días.',
    'gone' => 'Este enlace no abre nada',
    'gone_hint' => 'Es demasiado antiguo o no se copió entero. Vale la hoja impresa; pregunte a quien revisó su asiento.',
    'no_pdf' => 'El PDF no se pudo hacer en este momento. No se perdió nada: toque Imprimir, o intente de nuevo en un minuto.',
    'pdf' => 'En PDF, {paper, select, a4 {A4} other {carta}}',
];
