<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What a maker says of a thing that nobody needs. */
enum Permission: string
{
    case Allowed = 'allowed';
    case Forbidden = 'forbidden';
}
