<?php

declare(strict_types=1);

/** Where a limit comes from, inside a sentence. */

return [
    'seat' => 'the seat\'s own label or manual',
    'vehicle' => 'the vehicle\'s manual',
    'law' => 'the law, as entered for this day',
    'standard' => 'the standard on the label ({standard})',
    'practice' => 'the practice of this event ({practice})',
    'default' => 'the handbook',
];
