<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus\Trip;

/** How something looked at before a trip came out. */
enum TripOutcome: string
{
    case Right = 'right';
    case PutRight = 'put_right';
    /** Found wrong and not put right: it is not used on this trip. */
    case LeftOut = 'left_out';
}
