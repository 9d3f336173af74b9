<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The two ways of holding a seat between which a maker may prefer one. */
enum Holding: string
{
    case Belt = 'belt';
    case LowerAnchors = 'lower_anchors';
}
