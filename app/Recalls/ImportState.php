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
    /** The list is in use, past checks are still matched with it. */
    case Matching = 'matching';
    case Taken = 'taken';
    case Refused = 'refused';
    case Cancelled = 'cancelled';

    /** Whether the file as it came is needed no more. */
    public function isOver(): bool
    {
        return in_array($this, [self::Matching, self::Taken, self::Refused, self::Cancelled], true);
    }

    public function isUnderWay(): bool
    {
        return $this === self::Fetching || in_array($this, [self::Reading, self::Taking, self::Matching], true);
    }
}
