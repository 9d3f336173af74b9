<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** How the crotch strap of a vest is drawn. */
enum VestCrotch: string
{
    case Snug = 'snug';
    case Tight = 'tight';
    case Unused = 'unused';
}
