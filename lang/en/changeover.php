<?php

declare(strict_types=1);

/** What changes between two ways of riding. */

return [
    'not_yet' => 'Not yet: {why}.',
    'outgrown' => 'Not before it is outgrown as it is, about {month}: an estimate from the growth charts.',
    'turn_rear' => 'Take the seat out, turn it round, and use the rear-facing belt path under the legs.',
    'turn_forward' => 'Take the seat out, turn it round, and use the forward-facing belt path behind the back.',
    'turn' => 'Take the seat out and turn it round, to face forward.',
    'no_tether_anchor' => 'Facing forward it needs a tether anchor, and this place has none: choose a place that does, or ask its manual.',
    'tether_on' => 'Take the tether out of its storage and hook it on.',
    'tether_off' => 'Unhook the tether and stow it.',
    'tether_rear' => 'Hook the tether to its rear-facing anchor.',
    'tether_booster' => 'Unhook the tether and stow it, unless the manual uses it with the booster.',
    'recline_manual' => 'Set the recline that the manual gives for this child\'s weight.',
    'recline' => 'Set the recline to {settings}, for a child of this weight.',
    'foot' => 'Set the foot of the base: {foot}.',
    'part_on' => 'Fit the {part}.',
    'part_off' => 'Take the {part} off.',
    'harness_out' => 'Take the harness out: ease it, raise the head rest to the top, take the straps off the plate, pull the retainers '
        . 'through the slots.',
    'store_straps' => 'Store straps, plate and elastics where the seat keeps them.',
    'harness_in' => 'Put the harness back in as the manual shows, every retainer flat behind its slot.',
    'slot_right' => 'Set the straps to the right slot for the new direction.',
    'slot' => 'Set the straps to slot {slot}, counted from the lowest.',
    'crotch' => 'Set the crotch strap to slot {slots}.',
    'belt_holds_child' => 'The vehicle belt now holds the child: lap and shoulder, running free.',
    'anchors' => '{broken, select, yes {Hold it by the belt: the lower anchors carry a child of at most {limit} with this seat.} other '
        . '{The lower anchors hold it up to a child of {limit}; above that the belt.}}',
    'hold' => 'Hold it by the belt, or by the lower anchors as far as the label allows.',
    'try_again' => 'Tighten it afresh and try the movement at the belt path.',
    'belt_again' => 'Buckle the child in and look at lap and shoulder part afresh.',
];
