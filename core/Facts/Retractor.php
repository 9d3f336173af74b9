<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What winds the belt in: locks on a tug only, always, or can be switched to lock; or there is none. */
enum Retractor: string
{
    case Switchable = 'switchable';
    case AlwaysLocking = 'alr';
    case EmergencyLocking = 'elr';
    case None = 'none';
}
