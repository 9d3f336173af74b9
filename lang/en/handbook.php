<?php

declare(strict_types=1);

/** The handbook's page. */

return [
    'count' => '{n, plural, one {# rule} other {# rules}}{searched, select, yes { with “{search}”} other {}}',
    'mark' => 'Mark',
    'title' => 'Handbook',
    'subtitle' => 'Every rule, its limits, and where schools differ',
    'look_for' => 'Look for',
    'example' => 'tether, clip, booster',
    'parts' => 'Parts',
    'rules' => 'Rules',
    'limits' => 'Limits',
    'schools' => 'Schools',
    'published' => 'published source,',
    'common' => 'common practice of the trade, no source,',
    'memory' => 'written down from memory. The seat’s and the vehicle’s instructions stand above all of it; law and a few floors stand '
        . 'below which nothing goes.',
    'schools_title' => 'Where schools differ, and what is done here',
    'here' => 'Here: {what}.',
    'nothing' => 'No rule has all of these words. Try one of them.',
    'limits_title' => 'Limits of the practices',
    'practice' => 'Practice',
    'standards_title' => 'What goes with the standard on the label',
    'standard' => 'Standard',
];
