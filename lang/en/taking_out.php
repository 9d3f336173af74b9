<?php

declare(strict_types=1);

/** How a seat comes out again. */

return [
    'tether' => 'Ease the tether and unhook it.',
    'shell' => 'Lift the shell off its base by the release.',
    'anchors' => 'Ease the anchor strap, then unhook both ends and store them on the seat.',
    'booster' => 'Unbuckle the child and let the belt wind in; then lift the booster out.',
    'head_restraint' => 'Put the vehicle\'s head restraint back where it belongs.',
    'unbuckle' => 'Unbuckle the belt.',
    'clamp_door' => 'Then open the clamp door.',
    'lockoff' => 'Then open the lock-off.',
    'clip' => 'Take the locking clip off: the belt must run free for people.',
    'pull_out' => 'Pull the belt out of the path and let it wind in all the way.',
];
