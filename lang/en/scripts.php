<?php

declare(strict_types=1);

/** What scripts say in the browser. */

return [
    'not_sent' => 'Not sent: the network is away. Nothing before it is lost. Press again when it is back.',
    'signed_out' => 'You were signed out in the meantime. The last answer was not kept: reload, sign in and give it again.',
    'broken' => 'The last answer was not kept: something broke on our side. Everything before it is safe. Press again.',
    'no_reading' => 'no reading yet',
    'reading' => '{angle}° from the vertical',
    'simulated' => '{angle}° from the vertical, simulated',
    'no_sensor' => 'Lay the phone’s back flat against the back of the shell, long side up. No reading here means this device has no tilt '
        . 'sensor: type the angle.',
    'looking' => 'Looking for a code.',
    'no_camera' => 'The camera cannot be used here, or is not allowed. Take a picture instead, or type the code.',
    'looking_at_picture' => 'Looking at the picture.',
    'no_code' => 'No code was found in this picture. Come closer, hold it still, or type the code.',
];
