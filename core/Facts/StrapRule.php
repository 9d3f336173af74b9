<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Where the shoulder straps must leave the seat, seen against the shoulder. */
enum StrapRule: string
{
    case AtOrBelow = 'at_or_below';
    case AtOrAbove = 'at_or_above';
    case LevelTo25Above = 'level_to_25_above';
}
