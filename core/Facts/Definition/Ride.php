<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

/** What keeps the child. */
enum Ride
{
    case Harness;
    case Booster;
    case BeltOnly;
}
