<?php

declare(strict_types=1);

/** Putting on a vest before a bus ride, step by step. */

return [
    'title' => 'Putting on a vest',
    'intro' => 'On the ground before boarding, then on the bench. The vest’s own manual comes first. Common practice of the trade.',
    'where' => '{aboard, select, yes {On the bench} other {Before boarding}}: step {n} of {of}',
    'back' => 'Back',
    'next' => 'Next step',
    'all' => 'All steps',
    'again' => 'From the beginning',
    'to_check' => 'Back to the check',
    'before_boarding' => 'Before boarding',
    'on_bench' => 'On the bench',
    'drawing' => 'The vest from front and back',
    'coat' => 'coat',
    'tell_apart' => [
        'step' => 'Take the size nearest the child’s. Lay the vest down and tell front from back: the closure is at the back.',
        'check' => 'You can say which side goes on the chest.',
    ],
    'coat_off' => ['step' => 'Take the coat off. Nothing bulky goes under a vest.', 'check' => 'Only indoor clothes are under it.'],
    'closure' => [
        'step' => 'Put the arms through from the front and close it behind the back, all the way.',
        'check' => 'The child cannot reach the closure.',
    ],
    'crotch' => [
        'step' => 'Lead the crotch strap between the legs and fasten it: snug, no tighter. Without it the child slides out below.',
        'check' => 'It lies flat; a finger goes under it.',
    ],
    'coat_over' => [
        'step' => 'Put the coat on over the vest, with the shoulder buckles free.',
        'check' => 'Both shoulder buckles can be seen and reached.',
    ],
    'sit' => [
        'step' => 'On the bus: at the window of a bench whose wrap dents the seat back. Bottom and back against the bench.',
        'check' => 'No gap behind the child; nobody unbelted sits behind the wrap.',
    ],
    'hips' => [
        'step' => 'Fasten the two hip straps to the wrap and tighten them first, low on the hips.',
        'check' => 'The lowest strap lies on the hips, not on the belly.',
    ],
    'shoulders' => [
        'step' => 'Fasten the two shoulder straps from above the shoulder, and tighten them last.',
        'check' => 'The lowest strap is still on the hips, and no strap across is near the neck.',
    ],
    'ends' => ['step' => 'Thread all four loose ends back through.', 'check' => 'No end hangs loose; each strap holds when it is pulled.'],
];
