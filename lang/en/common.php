<?php

declare(strict_types=1);

/** Words that many screens share. */

return [
    'nothing' => 'Nothing',
    'unchanged' => 'Nothing was changed.',
    'look_below' => 'Nothing is lost. {n, plural, one {One thing needs} other {# things need}} another look below.',
    'keep' => 'Keep',
    'none_of_these' => 'None of these',
    'less_step' => 'Less',
    'more_step' => 'More',
    'choose' => 'Choose',
    'close' => 'Close',
    'to_content' => 'To the content',
    'caution' => 'Mint Buckle supports a trained technician. The seat’s and the vehicle’s instructions, local law and the certified '
        . 'technician come first.',
    'menu' => 'Main',
    'units' => 'Units',
    'look' => 'Look',
    'cancel' => 'Cancel',
    'leave_it' => 'Leave it',
    'export_csv' => 'Export CSV',
    'export_json' => 'Export JSON',
    'back_to_event' => 'Back to the event',
    'print' => 'Print',
    'language' => 'Language',
    'units_of' => ['imperial' => 'in · lb', 'metric' => 'mm · kg'],
    'pages' => 'Pages',
    'page_before' => 'Page before',
    'page_after' => 'Next page',
    'page_of' => '{n} of {all}',
];
