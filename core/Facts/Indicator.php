<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What the seat's recline indicator shows. */
enum Indicator: string
{
    case InZone = 'in';
    case TooUpright = 'too_upright';
    case TooFlat = 'too_flat';
}
