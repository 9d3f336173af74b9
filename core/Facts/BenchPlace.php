<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** A place on a bench, from the wall of the bus inward. */
enum BenchPlace: string
{
    case Window = 'window';
    case Middle = 'middle';
    case Aisle = 'aisle';
}
