<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What an angle gauge counts from. */
enum AngleFrom: string
{
    case Vertical = 'vertical';
    case Horizontal = 'horizontal';
}
