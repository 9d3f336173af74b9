<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Where a lock-off or clamp door sits on a seat whose shell lifts off a base. */
enum LockoffPlace: string
{
    case Shell = 'shell';
    case Base = 'base';
    case Both = 'both';
}
