<?php

declare(strict_types=1);

/** What stands behind a rule or a figure. */

return [
    'kinds' => [
        'published' => 'published source',
        'common' => 'common practice of the trade, no source',
        'memory' => 'written down from memory',
    ],
    'common' => 'common practice of the trade',
    'seat_manual' => 'the seat\'s own label or manual, as entered',
    'vehicle_manual' => 'the vehicle\'s own label or manual, as entered',
    'local_law' => 'local law, as entered',
    'recall_list' => 'recall list',
    'recall_list_of' => 'recall list, campaign {of}',
    'own_practice' => 'the practice as its organisation set it',
    'own_practice_of' => 'the practice {of}, as its organisation set it',
    'accepted_standards' => 'the standards that each practice accepts',
    'registration' => '49 CFR 588',
    'crash_guidance' => 'NHTSA, Car Seat Use After a Crash',
    'infant_labels' => 'labels under 49 CFR 571.213',
    'paediatricians' => 'AAP policy statement, Child Passenger Safety, 2018',
    'anchor_weight' => '49 CFR 571.213 S5.5.2(l)',
    'anchor_spacing' => '49 CFR 571.225: the bars of one place stand 280 mm apart',
    'ece_instructions' => 'ECE R44 and R129 user instructions',
    'air_travel' => '14 CFR 121.311',
    'lockable_belts' => '49 CFR 571.208 S7.1.1.5',
    'anchorages' => '49 CFR 571.225',
    'occupant_protection' => '49 CFR 571.208',
    'from_memory' => '{source} (from memory)',
    'marked' => '{mark}: {source}',
    'bus_seats' => '49 CFR 571.222',
    'head_start' => '45 CFR 1303.72',
    'aircraft_label' => '49 CFR 571.213, the label\'s words for aircraft',
];
