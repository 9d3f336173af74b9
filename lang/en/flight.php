<?php

declare(strict_types=1);

/** Whether a seat may be used on an aircraft, and how. */

return [
    'booster' => 'Boosters cannot be used on an aircraft: there is no shoulder belt.',
    'not_certified' => 'Its label does not say that it is certified for aircraft.',
    'base' => 'Its shell would have to be belted without the base, which its maker does not allow.',
    'outside' => 'The child is outside the limits of this way of riding: {why}.',
    'yes' => 'Its label says it is certified for aircraft, and the child is within its limits as far as they are known here.',
    'how' => 'Say how it is to be used: rear-facing or forward-facing. A booster never is.',
    'wording' => 'Look on the label for words like these: "This restraint is certified for use in motor vehicles and aircraft".',
    'look_base' => 'Look whether its shell lifts off a base, which stays behind. A shell that only turns on its base does not.',
    'ask_base' => 'Ask its manual whether the shell may be belted without its base.',
    'weigh' => 'The seat\'s own limits hold in the air too: weigh and measure the child, and see how it sits.',
    'step_base' => 'The base stays behind: belt the shell by its own path.',
    'step_belt' => 'Use the lap belt only, through the same path as in the car.',
    'step_upright' => 'In narrow rows a more upright setting helps, if the child may have it.',
    'step_window' => 'A window place keeps the way out free; never in an exit row.',
    'step_airline' => 'Ask the airline before the day which rows it allows.',
];
