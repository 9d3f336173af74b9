<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

/** What a maker says of a thing that nobody needs. */
enum Permission: string
{
    case Allowed = 'allowed';
    case Forbidden = 'forbidden';
}
