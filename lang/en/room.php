<?php

declare(strict_types=1);

/** How room to the seat ahead is gained. */

return [
    'upright' => 'Set it more upright, as far as its maker allows for this child.',
    'handle' => 'Put the carrying handle in the other position that its maker allows for travel.',
    'baseless' => 'Belt the shell without its base, if its maker allows that.',
];
