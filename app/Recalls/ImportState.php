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

    public function title(): string
    {
        return match ($this) {
            self::Fetching => 'Asking the feed',
            self::Reading => 'Being read',
            self::Ready => 'Read: look at what changes, then take it',
            self::Taking => 'Being taken',
            self::Taken => 'Taken',
            self::Refused => 'Refused: the list in use was not touched',
            self::Cancelled => 'Cancelled: the list in use was not touched',
        };
    }

    public function isUnderWay(): bool
    {
        return $this === self::Fetching || $this === self::Reading || $this === self::Taking;
    }
}
