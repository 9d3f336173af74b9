<?php

declare(strict_types=1);

/** Why what was entered cannot be so, after "this". */

return [
    'as_said' => '{problem}',
    'whole' => 'must be a whole number from {min} to {max}',
    'length' => 'must hold 1 to 2,000 characters',
    'range' => 'must be {min} to {max}',
    'halves' => 'must be in whole or half turns',
    'number' => 'must be a number',
    'date' => 'must be a day of the calendar, as far as the label says; “{text}” is none',
    'years' => 'must lie in the years {from} to {to}',
    'between' => 'must be {min} to {max}',
    'at_most' => 'must be at most {max}',
    'born_later' => 'lies after today; for a child not yet born enter the due date',
    'due_later' => 'lies more than {days} days ahead',
    'nothing' => 'must be more than nothing',
    'after_today' => 'lies after today',
    'slots' => 'lies below the slot before it; list the lowest first',
    'place' => 'must be a place of the vehicle, which has no {place}',
    'zone' => 'must be a zone of the indicator in this mode, which has no {zone}',
    'slot' => 'must be a slot of the seat, which has {slots}',
    'bus_system' => 'contradicts the way of riding',
];
