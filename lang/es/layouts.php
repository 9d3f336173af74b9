<?php

declare(strict_types=1);

/** How the seats of a car are laid out. */

return [
    'five_seats_driver_on_the_left' => 'Cinco lugares, conductor a la izquierda',
    'five_seats_driver_on_the_right' => 'Cinco lugares, conductor a la derecha',
    'four_seats_driver_on_the_left' => 'Cuatro lugares, conductor a la izquierda',
    'seven_seats_driver_on_the_left' => 'Siete lugares, conductor a la izquierda',
    'front_bench_of_three_driver_on_the_left' => 'Banco delantero de tres, conductor a la izquierda',
    'tarnbrook_ferry_2017_van_with_three_benches' => 'Tarnbrook Ferry 2017, furgoneta con tres bancos',
    'corrievale_drover_2004_pick_up_with_one_bench' => 'Corrievale Drover 2004, camioneta con un banco',
    'as_entered' => '{name}',
    'halven_sound_2018_five_seats' => 'Halven Sound 2018, cinco lugares',
    'tarnbrook_heron_2015_seven_seats' => 'Tarnbrook Heron 2015, siete lugares',
    'morrowby_linnet_2009_five_seats' => 'Morrowby Linnet 2009, cinco lugares',
    'corrievale_stockman_2012_half_rear_seats_facing_sideways' => 'Corrievale Stockman 2012, medios asientos traseros de lado',
    'halven_narrows_2021_four_seats' => 'Halven Narrows 2021, cuatro lugares',
];
