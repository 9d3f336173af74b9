<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Which way a seat tips while it is tightened. */
enum Tips: string
{
    case No = 'no';
    case Sideways = 'sideways';
    case Backward = 'backward';
}
