<?php

declare(strict_types=1);

// By which names this installation is asked for; an address in a link or a mail is made from no other.
// Each as a pattern, as the framework wants them.
return array_map(
    static fn(string $host): string => '^' . preg_quote(trim($host)) . '$',
    array_values(array_filter(explode(',', (string) env('APP_HOSTS', '127.0.0.1,localhost')))),
);
