<?php

declare(strict_types=1);

/** Why an entry is not taken, and what to do. */

return [
    'enter_something' => 'Enter something, or leave it unknown.',
    'yes_or_no' => 'Choose yes or no.',
    'choose_one' => 'Choose one.',
    'choose_some' => 'Choose at least one, or “None of these”.',
    'enter_measured' => 'Enter what you measured.',
    'no_number' => '“{text}” is no number. Enter it like 12, 12.5 or 1 1/2.',
    'no_such_slot' => 'No slot is {height} above the cushion. Look at the unit.',
    'no_unit' => 'The page did not say in which unit. Open it again.',
    'write_lines' => 'Write one thing a line, or press “Nothing”.',
    'say_what' => 'Say what it is, or press “Nothing”.',
    'enter_number' => 'Enter a number.',
    'enter_share' => 'Enter per cent, 0 to 100.',
    'nothing_to_take' => 'There is nothing to take.',
    'not_a_fact' => 'This is not a fact of the check.',
    'handover_later' => 'Hand-over is asked as the seat leaves, not as it was found.',
    'why_declined' => 'Write down why the family declines; it still counts as open.',
    'nothing_to_undo' => 'There is nothing to take back.',
    'entered_meanwhile' => 'Something was entered in the meantime. Look at it first, then undo.',
    'other_kept' => 'Another answer was kept under this entry before, and its reply was lost on the way. What is kept is shown now; answer '
        . 'again if it is not right.',
    'signed' => 'This family has left; its check is signed and stays as it is.',
    'look_once_more' => 'Something was entered since this page was made. Look once more.',
    'say_why' => 'Something is still open. Choose or write down why the family leaves all the same.',
    'second_person' => 'This day asks for a second person. Let them choose their name and enter their own password.',
    'not_of_a_place' => 'This is not a fact of a place.',
    'move_first' => 'It {problem}. Move the child first.',
    'case' => 'This {problem}.',
    'with_model' => 'With this model {path} {problem}. Put that right first.',
    'arrive' => [
        'units' => 'The form did not say in which units weight and height are. Open it again.',
        'first_name' => 'Enter the first name that the family is called by.',
        'consent' => 'Ask the family whether you may check their seats, and tick here when they say yes.',
        'vehicle' => 'Enter maker and model of the car.',
        'layout' => 'Choose how the car’s seats are laid out.',
        'seat' => 'Choose the seat, or “not in the catalogue”.',
        'maker' => 'Enter the maker from the seat’s label.',
        'mode' => 'Choose how the child rides.',
        'position' => 'Choose the place in the car.',
        'born_on' => 'Enter the birth date as year-month-day.',
    ],
    'walk_in' => ['consent' => 'Ask the family whether you may check their seat, and tick here when they say yes.'],
    'file' => [
        'recalls' => 'Choose a file: CSV or JSON.',
        'not_whole' => 'The file did not arrive whole. It may be larger than 64 MiB.',
        'large_list' => 'The file is larger than 64 MiB.',
        'dated' => 'Enter the list’s date as 2026-10-01.',
        'models' => 'Choose a file: JSON or CSV.',
        'large' => 'The file is larger than 1 MiB.',
    ],
    'sign_in' => [
        'name' => 'Enter your name.',
        'password' => 'Enter your password.',
        'wrong' => 'Name and password do not belong together. Check both and try again.',
    ],
    'at_field' => '{problem}.',
];
