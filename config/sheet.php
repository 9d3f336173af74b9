<?php

declare(strict_types=1);

return [
    // The browser that prints sheets as PDF without a window: a command or a path. Where it is not installed, none is offered.
    'browser' => env('SHEET_BROWSER', 'chromium'),
];
