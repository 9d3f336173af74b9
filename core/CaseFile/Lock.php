<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

/** What is claimed to fix the length of the lap part. */
enum Lock: string
{
    case Retractor = 'retractor';
    case LatchPlate = 'latch_plate';
    case Lockoff = 'lockoff';
    case TensionDoor = 'tension_door';
    case Clip = 'clip';
}
