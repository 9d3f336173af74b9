<?php

declare(strict_types=1);

/** Signing in, and one's own settings. */

return [
    'sign_out' => '{name}: sign out',
    'sign_in' => 'Sign in',
    'name' => 'Name',
    'password' => 'Password',
];
