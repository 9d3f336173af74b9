<?php

declare(strict_types=1);

/** How much a finding weighs. */

return [
    'stop' => 'Stop',
    'fix' => 'Fix',
    'ask' => 'Find out',
    'advise' => 'Good to know',
];
