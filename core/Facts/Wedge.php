<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What lifts the seat at the crease. */
enum Wedge: string
{
    case None = 'none';
    case Noodle = 'noodle';
    case Towel = 'towel';
}
