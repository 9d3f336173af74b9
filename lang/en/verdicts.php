<?php

declare(strict_types=1);

/** What a check says as a whole. */

return [
    'do_not_use' => 'Do not use',
    'fix_first' => 'Fix first',
    'not_finished' => 'Not finished',
    'good_to_ride' => 'Good to ride',
];
