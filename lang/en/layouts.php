<?php

declare(strict_types=1);

/** How the seats of a car are laid out. */

return [
    'five_seats_driver_on_the_left' => 'Five seats, driver on the left',
    'five_seats_driver_on_the_right' => 'Five seats, driver on the right',
    'four_seats_driver_on_the_left' => 'Four seats, driver on the left',
    'seven_seats_driver_on_the_left' => 'Seven seats, driver on the left',
    'front_bench_of_three_driver_on_the_left' => 'Front bench of three, driver on the left',
    'tarnbrook_ferry_2017_van_with_three_benches' => 'Tarnbrook Ferry 2017, van with three benches',
    'corrievale_drover_2004_pick_up_with_one_bench' => 'Corrievale Drover 2004, pick-up with one bench',
    'as_entered' => '{name}',
    'halven_sound_2018_five_seats' => 'Halven Sound 2018, five seats',
    'tarnbrook_heron_2015_seven_seats' => 'Tarnbrook Heron 2015, seven seats',
    'morrowby_linnet_2009_five_seats' => 'Morrowby Linnet 2009, five seats',
    'corrievale_stockman_2012_half_rear_seats_facing_sideways' => 'Corrievale Stockman 2012, half rear seats facing sideways',
    'halven_narrows_2021_four_seats' => 'Halven Narrows 2021, four seats',
];
