<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What comes before a clamp door or lock-off is closed, where its maker wants the retractor locked too. */
enum ClampOrder: string
{
    case TightenFirst = 'tighten_first';
    case RetractorFirst = 'retractor_first';
}
