<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** How strap tightness is tried at the shoulder. */
enum TightnessTest: string
{
    case Pinch = 'pinch';
    case Finger = 'finger';
}
