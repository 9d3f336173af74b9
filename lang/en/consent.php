<?php

declare(strict_types=1);

/** A parent's consent to the check. */

return [
    'title' => 'Consent',
    'wording' => 'I agree that a trained technician of {event} looks at our child seats in our car and helps us to use them. They '
        . 'support us; the instructions of seat and vehicle and the law still hold, and I drive home responsible for my passengers.',
    'given' => 'Given at {time}, to {name}.',
    'signature' => 'The signature',
    'sign_here' => 'Sign here with your finger',
    'wipe' => 'Wipe it',
    'name' => 'or write your name',
    'agree' => 'I agree',
    'kept' => 'Kept.',
    'needed' => 'Sign on the glass, or write your name.',
];
