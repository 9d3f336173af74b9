<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Which side pods of a seat are out. */
enum SidePod: string
{
    case DoorSide = 'door_side';
    case Both = 'both';
    case None = 'none';
}
