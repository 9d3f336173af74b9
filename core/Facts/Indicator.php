<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What the seat's recline indicator shows. */
enum Indicator: string
{
    case TooUpright = 'too_upright';
    case InZone = 'in';
    case TooFlat = 'too_flat';
}
