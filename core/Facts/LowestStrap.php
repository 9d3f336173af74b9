<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Where the lowest strap of a vest lies. */
enum LowestStrap: string
{
    case Hips = 'hips';
    case Belly = 'belly';
}
