<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Where a tether anchor hides; told to the family. */
enum TetherAnchorPlace: string
{
    case SeatBack = 'seat_back';
    case Shelf = 'shelf';
    case Floor = 'floor';
    case Roof = 'roof';
    case Boot = 'boot';
    case Wall = 'wall';
}
