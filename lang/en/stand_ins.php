<?php

declare(strict_types=1);

/** Simulated stand-ins for what is outside. */

return [
    'labels' => 'Labels to print',
    'title' => 'Stand-ins',
    'labels_line' => 'Labels to print and to hold before a camera',
    'labels_hint' => 'Made-up seats, for practice and for tests. No real seat carries these.',
    'manual' => 'A manual’s page',
    'model' => 'Model {model}, {name}',
    'serial' => 'Serial {serial}',
    'made' => 'Made 2024-05-17',
    'no_script' => 'The codes are drawn by a script; without it the printed words remain.',
    'manual_line' => 'A made-up seat’s manual, page 12',
    'made_up' => 'Owner’s manual, page 12. A made-up seat: no real one has these rules.',
    'glance' => 'Your seat at a glance',
    'seat' => 'Model number TW-5. It meets FMVSS 213. Use it for 8 years from the day it was made. It weighs 21 lb and is 445 mm wide; '
        . '410 mm of its base rest on the cushion. It has a lock-off; the retractor may be locked as well. A noodle or rolled towel may '
        . 'be used. Belt and lower anchors are never used together, nor the bars of two neighbouring places. Not with inflatable belts.',
    'rear' => 'Rear-facing',
    'rear_text' => 'From 5 lb to 40 lb, on the lower anchors to 35 lb; up to 40 in tall, with at least 1 in of shell above the head. '
        . 'Recline setting 1 or 2. Do not use the tether.',
    'forward' => 'Forward-facing',
    'forward_text' => 'From 25 lb and 24 months to 65 lb; up to 49 in tall. The tether is always used. Recline setting 3. On the lower '
        . 'anchors to a child of 35 lb.',
    'harness' => 'Harness',
    'harness_text' => 'Straps leave the seat at 8 in, 10 in, 12 in, 14 in or 16 in.',
    'stand_in' => 'Stand-in for a printed manual.',
    'enter' => 'Enter this model in the catalogue',
];
