<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The shoulder against the seat's shoulder markers. */
enum Marker: string
{
    case Below = 'below';
    case Inside = 'in';
    case Above = 'above';
}
