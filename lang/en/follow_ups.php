<?php

declare(strict_types=1);

/** Families to be told that a seat is outgrown or expires. */

return [
    'title' => 'Seats outgrown or expiring',
    'intro' => 'Families that left a contact and whose day comes within {n} days, or has passed. What to say stands in their language.',
    'soon' => 'Only the next',
    'all' => 'All of them',
    'nobody' => 'Nobody is to be told now.',
    'of' => '{kind}: {seat}, {past, select, yes {since {day}} other {{day}}}',
    'kinds' => ['outgrown' => 'likely outgrown', 'expires' => 'expires'],
    'told' => 'Told by {name}, {day}{mailed, select, yes {, by mail (stand-in)} other {}}.',
    'untell' => 'Not told after all',
    'mail' => 'Write a mail (stand-in)',
    'say' => [
        'subject' => '{kind, select, expires {Your child seat expires on {day}} other {Your child is likely outgrowing its seat}}',
        'hello' => 'Hello {family}, this is the child seat checkup, {event}.',
        'what' => '{kind, select, expires {The seat {seat} may no longer be used from {day}.} other {By the growth charts your child is '
            . 'likely to outgrow the seat {seat} the way it rides about {month}. This is an estimate.}}',
        'do' => '{kind, select, expires {Please look for another one in good time, and cut the straps of the old one before you throw '
            . 'it away.} other {Please compare weight and height with the limits on the label, and come to a checkup before you change '
            . 'anything.}}',
        'manual' => 'The instructions of seat and vehicle and the law come first.',
    ],
];
