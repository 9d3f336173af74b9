<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** A side of the bus, as seen from behind. */
enum BenchSide: string
{
    case Left = 'left';
    case Right = 'right';
}
