<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Who sits on the bench behind a wrap. */
enum BehindWrap: string
{
    case Empty = 'empty';
    case Restrained = 'restrained';
    case Belted = 'belted';
    case Unrestrained = 'unrestrained';
}
