<?php

declare(strict_types=1);

namespace App\Recalls;

/** How far a recall list has come. */
enum ImportState: string
{
    case Fetching = 'fetching';
    case Reading = 'reading';
    case Ready = 'ready';
    case Taking = 'taking';
    case Taken = 'taken';
    case Refused = 'refused';
    case Cancelled = 'cancelled';

    public function isUnderWay(): bool
    {
        return $this === self::Fetching || $this === self::Reading || $this === self::Taking;
    }
}
