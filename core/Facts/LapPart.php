<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Where the lap part lies over a child in a booster. */
enum LapPart: string
{
    case Thighs = 'thighs';
    case Belly = 'belly';
}
