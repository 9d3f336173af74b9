<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** How a rear-facing seat meets the vehicle seat ahead. */
enum FrontContact: string
{
    case None = 'none';
    case Touch = 'touch';
    case Pressed = 'pressed';
}
