<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

/** What lifts the seat at the crease. */
enum Wedge: string
{
    case None = 'none';
    case Noodle = 'noodle';
    case Towel = 'towel';
}
