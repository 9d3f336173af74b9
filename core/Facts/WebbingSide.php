<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** A side of the vehicle belt at the seat. */
enum WebbingSide: string
{
    case BuckleSide = 'buckle_side';
    case ShoulderSide = 'shoulder_side';
    case Both = 'both';
}
