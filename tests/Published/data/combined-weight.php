<?php

declare(strict_types=1);

/**
 * 49 CFR 571.213 S5.5.2(l): a seat made from 27 February 2014 that gives no figure of its own may be held by the lower anchors
 * with a child up to 65 lb less its own weight forward-facing, 60 lb less its own weight rear-facing. Worked examples; the
 * figures of the paragraph stand from memory, the subtraction is ours.
 */
return [
    // mode              seat lb  child lb, at most
    ['forward_harness',  25,      40],
    ['forward_harness',  18.5,    46.5],
    ['forward_harness',  32.4,    32.6],
    ['rear_harness',     25,      35],
    ['rear_harness',     20,      40],
    ['rear_harness',     33.3,    26.7],
];
