<?php

declare(strict_types=1);

/** Signing in, and one's own settings. */

return [
    'sign_out' => 'Salir',
    'sign_in' => 'Entrar',
    'name' => 'Nombre',
    'password' => 'Contraseña',
    'roles' => [
        'reader' => 'Lector: ve lo que se hizo',
        'trainee' => 'Aprendiz: escribe junto a un técnico, no firma',
        'technician' => 'Técnico',
        'senior' => 'Revisor principal',
        'coordinator' => 'Coordinador',
    ],
    'people' => 'Personas',
    'people_intro' => 'Quién trabaja aquí y qué puede hacer cada persona. Lo que alguien escribió conserva su nombre, aunque ya no '
        . 'trabaje aquí.',
    'invite' => 'Invitar a alguien',
    'login' => 'Nombre para entrar',
    'login_hint' => 'Letras minúsculas, cifras, punto, guion.',
    'role' => 'Función',
    'certified_until' => 'Certificado hasta',
    'make_link' => 'Invitar y crear el enlace',
    'new_link' => 'Enlace nuevo',
    'link_for' => 'El enlace para {name}. Se muestra solo esta vez y vale {hours} horas; con él elige su contraseña.',
    'link_label' => 'Enlace para {name}',
    'closed' => 'Ya no trabaja aquí',
    'waits' => 'Todavía no usó su enlace',
    'two' => 'con segundo factor',
    'keep' => 'Guardar',
    'kept' => 'Guardado.',
    'welcome' => 'Bienvenido, {name}',
    'choose' => 'Elija una contraseña de al menos {least} caracteres. Tres o cuatro palabras que no van juntas se recuerdan mejor que un '
        . 'acertijo corto.',
    'once_more' => 'La misma otra vez',
    'pin' => 'PIN, de cuatro a ocho cifras',
    'pin_hint' => 'Con él firma y cambia de persona en un dispositivo compartido.',
    'choose_it' => 'Elegirla',
    'chosen' => 'Elegida. Entre ahora con ella.',
    'no_link' => 'Este enlace ya se usó, se reemplazó o es demasiado viejo. Pida uno nuevo a su coordinador.',
    'forgotten' => '¿La olvidó? Pida un enlace nuevo a su coordinador.',
    'account' => 'Su cuenta',
    'change_secret' => 'Otra contraseña o PIN',
    'current' => 'Su contraseña actual',
    'new_password' => 'Contraseña nueva',
    'empty_stays' => 'Lo que se deja vacío queda como está.',
    'second' => 'Segundo factor',
    'second_intro' => 'Además de la contraseña, un código que una aplicación de su teléfono renueva cada medio minuto. Se espera de los '
        . 'coordinadores: quien solo tiene su contraseña no llega a nada.',
    'second_wanted' => 'Como coordinador debería configurarlo.',
    'second_begin' => 'Configurarlo',
    'second_secret' => 'Escriba esto en la aplicación, o abra el enlace en el teléfono que la tiene. Después escriba el código que '
        . 'muestra.',
    'second_open' => 'Abrir en la aplicación',
    'second_is' => 'Está configurado; {n, plural, one {queda # código} other {quedan # códigos}} para un teléfono perdido.',
    'second_codes' => 'Anótelos y guárdelos lejos del teléfono: cada uno sirve una vez si se pierde. No se muestran otra vez.',
    'second_end' => 'Quitarlo',
    'code' => 'Código',
    'second_ask' => '¿Qué código muestra su teléfono? También sirve uno de los que anotó.',
    'change' => 'Otra persona',
    'change_intro' => '¿Quién sigue aquí? Tras {minutes} minutos sin uso se pide el PIN otra vez.',
    'go_on' => 'Seguir',
    'nobody_pin' => 'Nadie tiene PIN todavía; cada persona pone el suyo en “Su cuenta”.',
];
