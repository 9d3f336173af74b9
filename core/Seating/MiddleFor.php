<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

/** To whom the middle of the back row goes. Schools differ. */
enum MiddleFor: string
{
    case Youngest = 'youngest';
    /** Booster before forward before rear. */
    case LeastProtected = 'least_protected';
}
