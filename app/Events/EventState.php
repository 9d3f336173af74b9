<?php

declare(strict_types=1);

namespace App\Events;

/** An event is planned, then open, then closed; it can be opened once more. */
enum EventState: string
{
    case Open = 'open';
    case Planned = 'planned';
    case Closed = 'closed';
}
