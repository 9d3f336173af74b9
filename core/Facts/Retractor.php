<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What winds the belt in: locks on a tug only, always, or can be switched to lock; or there is none. */
enum Retractor: string
{
    case EmergencyLocking = 'elr';
    case AlwaysLocking = 'alr';
    case Switchable = 'switchable';
    case None = 'none';
}
