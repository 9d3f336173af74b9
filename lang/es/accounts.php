<?php

declare(strict_types=1);

/** Signing in, and one's own settings. */

return [
    'sign_out' => '{name}: salir',
    'sign_in' => 'Entrar',
    'name' => 'Nombre',
    'password' => 'Contraseña',
];
