<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What fixes a restraint to a bench of a bus. */
enum BusFixing: string
{
    case Belt = 'belt';
    case LowerAnchors = 'lower_anchors';
    /** A strap round the seat back. */
    case Wrap = 'wrap';
    /** Built into the bench. */
    case Bench = 'bench';
}
