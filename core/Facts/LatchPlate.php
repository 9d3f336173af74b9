<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The tongue: slides free, grips the lap part, has a switch, or is sewn on. */
enum LatchPlate: string
{
    case Sliding = 'sliding';
    case Locking = 'locking';
    case Switched = 'switch';
    case Sewn = 'sewn';
}
