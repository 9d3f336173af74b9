<?php

declare(strict_types=1);

namespace App\Kit;

/** What somebody did to the kit. */
enum KitWay: string
{
    case Counted = 'counted';
    case Added = 'added';
    case Gone = 'gone';
}
