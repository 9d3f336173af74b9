<?php

declare(strict_types=1);

/** Every language: its folder in lang/, the locale whose months and plurals it follows, its own name for itself. */

return [
    'en' => ['locale' => 'en_US', 'name' => 'English'],
    'es' => ['locale' => 'es_419', 'name' => 'Español'],
];
