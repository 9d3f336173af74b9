<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What holds a seat to the car. */
enum HeldBy: string
{
    case Belt = 'belt';
    case LowerAnchors = 'lower_anchors';
    case Both = 'both';
    case Nothing = 'nothing';
}
