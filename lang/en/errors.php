<?php

declare(strict_types=1);

/** What is shown when something cannot be shown. */

return [
    403 => [
        'title' => 'Not yours to open',
        'what' => 'You are signed in, but this is not for you to open.',
        'safe' => 'Nothing was changed.',
        'todo' => 'Ask the coordinator.',
    ],
    404 => [
        'title' => 'Not here',
        'what' => 'There is no such page, check or family.',
        'safe' => 'Nothing was changed.',
        'todo' => 'Go back, or begin again from the event.',
    ],
    419 => [
        'title' => 'Signed out in the meantime',
        'what' => 'You were away too long, so the page was not accepted.',
        'safe' => 'Everything that was kept before is safe; the last answer was not kept.',
        'todo' => 'Sign in and give the last answer again.',
    ],
    429 => [
        'title' => 'Too many tries',
        'what' => 'There were too many tries in a short time.',
        'safe' => 'Nothing was changed.',
        'todo' => 'Wait a minute, then try again.',
    ],
    500 => [
        'title' => 'Something broke here',
        'what' => 'The fault is on our side.',
        'safe' => 'Every answer that was kept is safe; the last one may not have been.',
        'todo' => 'Go back and look whether the last answer is there. If this comes again, tell the coordinator the time.',
    ],
    503 => [
        'title' => 'Closed for a moment',
        'what' => 'Mint Buckle is being set up anew.',
        'safe' => 'Everything that was kept is safe.',
        'todo' => 'Try again in a minute.',
    ],
    'to_event' => 'To the event',
    400 => [
        'title' => 'That cannot be read',
        'what' => 'What was sent holds characters that no text has.',
        'safe' => 'Nothing was changed.',
        'todo' => 'Go back and type it again.',
    ],
    405 => [
        'title' => 'Not done this way',
        'what' => 'This address is asked for in another way.',
        'safe' => 'Nothing was changed.',
        'todo' => 'Go back, or begin again from the event.',
    ],
    413 => [
        'title' => 'Too large',
        'what' => 'What was sent is larger than this can take.',
        'safe' => 'Nothing was changed.',
        'todo' => 'Send a smaller file or a shorter text.',
    ],
    414 => [
        'title' => 'Too long an address',
        'what' => 'The address is longer than this can take.',
        'safe' => 'Nothing was changed.',
        'todo' => 'Go back, or begin again from the event.',
    ],
    502 => [
        'title' => 'Starting again',
        'what' => 'The application does not answer just now; it is being started again.',
        'safe' => 'Every answer that was kept is safe; the last one may not have been.',
        'todo' => 'Wait ten seconds, go back and look whether the last answer is there.',
    ],
    504 => [
        'title' => 'Too slow',
        'what' => 'The answer took too long and was given up.',
        'safe' => 'Every answer that was kept is safe; the last one may not have been.',
        'todo' => 'Go back and look whether the last answer is there.',
    ],
    'busy' => [
        'title' => 'Somebody else is writing there',
        'what' => 'What was to be changed is being changed by somebody else, or the database is busy.',
        'safe' => 'Nothing of the last answer was kept.',
        'todo' => 'Wait a moment and give it again.',
    ],
];
