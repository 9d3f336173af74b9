<?php

declare(strict_types=1);

/** How heavy a rule weighs. */

return [
    'stop' => 'Stop.',
    'fix' => 'Fix.',
    'ask' => 'Ask.',
    'advise' => 'Advise.',
];
