<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What a maker says of a thing. */
enum MakerPermission: string
{
    case Required = 'required';
    case Allowed = 'allowed';
    case Forbidden = 'forbidden';
}
