<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Truth\Truth;

/** Whether a make date lies in an inclusive window. A partial date is inside only when every day it may mean is. */
final readonly class MadeWindow
{
    /** An open bound is no bound on that side; a window without bounds needs no date. */
    public static function holds(?CalendarDate $from, ?CalendarDate $to, ?PartialDate $madeOn): Truth
    {
        return match (true) {
            $from === null && $to === null => Truth::Yes,
            $madeOn === null => Truth::Unknown,
            $from !== null && $madeOn->latest()->isBefore($from) => Truth::No,
            $to !== null && $madeOn->earliest()->isAfter($to) => Truth::No,
            $from !== null && $madeOn->earliest()->isBefore($from) => Truth::Unknown,
            $to !== null && $madeOn->latest()->isAfter($to) => Truth::Unknown,
            default => Truth::Yes,
        };
    }
}
