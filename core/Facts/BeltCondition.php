<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What was done to a bus belt. */
enum BeltCondition: string
{
    case Sound = 'sound';
    case Twisted = 'twisted';
    case Knotted = 'knotted';
    case Sewn = 'sewn';
}
