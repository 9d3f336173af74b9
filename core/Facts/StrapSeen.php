<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The strap against the shoulder, as seen. */
enum StrapSeen: string
{
    case Below = 'below';
    case At = 'at';
    case Above = 'above';
}
