<?php

declare(strict_types=1);

/** The take-home sheet. */

return [
    'dates' => [
        'slot' => 'The shoulder reaches the next harness slot: look at the straps. An estimate.',
        'outgrown' => 'The child outgrows it as a {mode}. An estimate from the growth charts.',
        'expires' => 'From this day the seat may no longer be used.',
        'about' => 'About {month}',
        'day' => '{day}',
    ],
    'by' => [
        'both' => 'Checked by {technician}; looked at a second time by {checker}.',
        'one' => 'Checked by {technician}.',
        'nobody' => 'Not signed yet.',
    ],
    'put_right' => 'Put right: {what}',
    'heading' => 'Your checkup, {day}',
    'seen_by' => 'Looked at a second time by {name}.',
    'still' => 'What stands above under “Before this child rides in it” still has to be put right.',
    'title' => 'Take-home sheet',
    'child' => 'Child {letter}: {verdict}',
    'before' => 'Before this child rides in it',
    'declined' => 'The family did not want it changed: “{why}”.',
    'unfinished' => 'The check is not finished: {n, plural, one {# thing has} other {# things have}} not been looked at, so nothing can '
        . 'be promised.',
    'corrected' => 'What was found and put right',
    'again' => 'How to do it again',
    'no_card' => 'As it stands no child may ride in it, so no steps to install it are printed.',
    'every_ride' => 'On every ride',
    'advice' => 'Good to know',
    'ahead' => 'Dates ahead',
    'short' => 'Sheet',
    'left_at' => 'The family left at {time}.',
    'left_open' => 'You left with something open',
    'manuals' => 'Read the seat’s and the vehicle’s manuals and keep the seat’s with it. Nothing loose in the car; everyone buckled; '
        . 'the back row until 13.',
    'questions' => 'Questions?',
    'ask' => 'Ask a certified child passenger safety technician, or the seat’s maker with the model number and make date.',
    'fine' => 'This sheet says what was seen on the day. The seat’s and the vehicle’s instructions and the law come first, and the seat '
        . 'must be checked again whenever it is moved, outgrown or in a crash.',
    'became' => 'The seat that is not used any more: {what}.',
    'withdrawn' => [
        'destroyed' => 'straps cut, thrown away',
        'taken' => 'taken away by the event',
        'kept' => 'kept by the family, not to be used',
    ],
    'right' => 'What you already did right',
    'next' => 'What comes next',
    'large_print' => 'Large print',
    'usual_print' => 'Usual print',
    'calendar' => 'Dates as a calendar file',
    'register' => 'Register the seat',
    'register_how' => 'So that a recall reaches you: {where}. What to enter: {enter}.',
    'link' => 'This sheet on your telephone, for {n} days.',
    'gone' => 'This link opens nothing',
    'gone_hint' => 'It is too old, or was not copied whole. The printed sheet holds; ask whoever checked your seat.',
    'no_pdf' => 'The PDF could not be made just now. Nothing is lost: press Print, or try again in a minute.',
    'pdf' => 'As PDF, {paper, select, a4 {A4} other {Letter}}',
];
