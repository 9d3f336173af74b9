<?php

declare(strict_types=1);

/** What cannot be read from a label's code. */

return [
    'nothing' => 'This code holds nothing that belongs on a seat’s label.',
    'not_a_label' => 'The code is not that of a seat’s label.',
    'empty' => 'The label’s code is empty.',
    'wrong' => 'The code is a label’s, but {path} {problem}.',
];
