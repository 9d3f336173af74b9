<?php

declare(strict_types=1);

/** The parts of a check. */

return [
    'label' => ['title' => 'Label', 'task' => 'Read who made it, when, and until when it may be used.'],
    'history' => ['title' => 'History', 'task' => 'Ask about crashes; look for damage, missing parts and extras.'],
    'child' => ['title' => 'Child', 'task' => 'Weigh, measure and see which way of riding fits.'],
    'place' => ['title' => 'Place', 'task' => 'Look at the place in the car before the seat.'],
    'secure' => ['title' => 'Secure', 'task' => 'See what holds the seat and how its length is fixed.'],
    'measure' => ['title' => 'Measure', 'task' => 'Try it at the belt path, with your weaker hand.'],
    'buckle' => ['title' => 'Buckle', 'task' => 'Look at the buckled child from the front.'],
    'handover' => ['title' => 'Hand over', 'task' => 'The family does it once themselves and shows it back.'],
    'bus' => ['title' => 'Bus', 'task' => 'Which system, which way it faces, where on the bench, how it is fixed; then the child in it.'],
];
