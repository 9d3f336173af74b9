<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What is claimed to fix the length of the lap part. */
enum Lock: string
{
    case Retractor = 'retractor';
    case LatchPlate = 'latch_plate';
    case Lockoff = 'lockoff';
    case ClampDoor = 'clamp_door';
    case Clip = 'clip';

    /** A lock-off or clamp door: the seat's own. */
    public function isOnSeat(): bool
    {
        return $this === self::Lockoff || $this === self::ClampDoor;
    }
}
