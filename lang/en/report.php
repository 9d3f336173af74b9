<?php

declare(strict_types=1);

/** Findings: what was found at the checks, in figures. */

return [
    'title' => 'Findings',
    'intro' => 'Of checks that were signed: what was found, put right, and left.',
    'empty' => 'No check was signed yet that this would count. It fills by itself as families go home.',
    'for' => ['whom' => 'For whom', 'us' => 'For us, exact', 'others' => 'To hand on'],
    'event' => 'Event',
    'all_events' => 'All events',
    'event_on' => '{name}, {day}',
    'from' => 'From month',
    'to' => 'To month',
    'all_practices' => 'All practices',
    'kind' => 'Kind of seat, as it came',
    'kinds' => ['other' => 'kind not known', 'none' => 'came without a seat'],
    'of_an_event' => 'An event that is chosen has its own day and practice.',
    'tables' => [
        'summary' => 'At a glance',
        'stations' => 'As found, by station',
        'codes' => 'As found, error by error',
        'left' => 'As they left',
        'withdrawn_for' => 'Seats not used any more: why',
        'became' => 'Seats not used any more: what became of them',
        'minutes' => 'How long a seat took',
        'waited' => 'How long families waited',
        'kit' => 'Taken from the kit',
        'expected' => 'Seats that came with an error, in a hundred',
    ],
    'notes' => [
        'codes' => 'For single errors the trade gives no share; those that it names among the most common are marked.',
        'expected' => 'The trade expects about three in four.',
        'minutes' => 'Half an hour a seat is planned in the trade; from the call to the bay until the family left, shared among its seats.',
    ],
    'common' => 'common in the trade',
    'of' => 'Of what',
    'columns' => [
        'count' => 'How many',
        'share' => 'Share here',
        'expected' => 'The trade expects',
        'found' => 'Found',
        'put_right' => 'Put right',
        'put_right_share' => 'Share put right',
    ],
    'summary' => [
        'seats' => 'Seats checked',
        'families' => 'Families called to a bay',
        'erring' => 'Seats that came with an error',
        'found' => 'Errors found',
        'put_right' => 'Of these, put right',
        'good' => 'Left good to ride',
        'withdrawn' => 'Seats not used any more',
        'minutes' => 'Minutes a seat, on average',
        'waited' => 'Minutes waited, on average',
    ],
    'became' => ['not_noted' => 'Nobody noted it'],
    'suits_better' => 'Another seat suits the child better',
    'span' => '{last, select, yes {{from} minutes or more} other {{from} to under {to} minutes}}',
    'percent' => '{n} %',
    'count' => '{n}',
    'not_told' => 'under {n}',
    'chart' => '{table}, as bars; the table beside says the same',
    'hard' => [
        'title' => 'Seats that were loose most often',
        'hint' => 'Of models in the catalogue, over all events.',
        'loose' => '{n} of {of} were loose as found',
    ],
    'file' => 'These figures as CSV, for us',
    'file_others' => 'These figures as CSV, to hand on',
    'listed' => '{n, plural, =0 {No checks} one {# check, its log behind it} other {# checks, their logs behind them}}',
    'back' => 'Back to the findings',
    'none_listed' => 'No check is counted by this. Go back and choose another figure.',
    'made' => '{n, plural, =0 {Nothing new: all events that are over have their figures.} one {Figures to hand on were made for # '
        . 'event.} other {Figures to hand on were made for # events.}}',
    'none_made' => 'Nothing can be handed on of these events yet: only of those that are over, once their figures are made.',
    'hand_on' => [
        'how' => 'Counted in whole fives, made once for each event that is over, and never changed. What is not sure to stand for five '
            . 'or more is not told. So nobody can be found, however these figures are added or subtracted.',
        'kinds' => 'They are not divided by kind of seat, and have no means: a small group could be reckoned from them.',
        'waiting' => '{n, plural, one {# event is over and has no figures to hand on yet.} other {# events are over and have no figures '
            . 'to hand on yet.}}',
        'make' => 'Make their figures now',
    ],
    'seen' => [
        'of_model' => '{model}, at earlier checks here',
        'of_kind' => 'Seats of this kind ({kind}), at earlier checks here',
        'erring' => '{n} of {of} came with an error.',
        'errors' => 'Most often: {errors}.',
        'error' => '{error} ({n})',
        'loose' => 'At earlier checks here, {n} of {of} such seats were loose; {held} of these held before they left.',
        'last_tried' => 'What was tried last before it held:',
        'worked' => '{step}: {n} of {of, plural, one {# try} other {# tries}}',
    ],
    'too_few' => '{n, plural, one {The figures of # event are made, but too few seats were checked for any of them to be told. Choose '
        . 'more events.} other {The figures of # events are made, but too few seats were checked for any of them to be told. Choose '
        . 'more events.}}',
    'since' => 'from {month} on',
    'until' => 'to {month}',
];
