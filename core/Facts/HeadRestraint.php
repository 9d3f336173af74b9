<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What was done to the vehicle head restraint behind the seat. */
enum HeadRestraint: string
{
    case InPlace = 'in_place';
    case Raised = 'raised';
    case Removed = 'removed';
}
