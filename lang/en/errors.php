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
        'what' => 'There were too many tries with a password.',
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
];
