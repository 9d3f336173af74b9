<?php

declare(strict_types=1);

/** What is learnt of a seat after its family has left. */

return [
    'title' => 'Add what is known since',
    'intro' => 'What was signed stays as it was signed. What is added stands beside it on the sheet, with reason and author; lists show '
        . 'the worse of both.',
    'why' => 'Why is it added now?',
    'another' => 'Another fact',
    'kept' => 'Added to the check.',
    'since' => 'Added after the family left',
    'by' => '{name}, {time}',
    'worse' => 'With what is known now: {verdict}.',
    'mark' => 'added after it was signed',
];
