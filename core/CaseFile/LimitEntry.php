<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Truth;

/** One printed figure with the conditions under which it speaks: when the seat was made, what holds it. */
final readonly class LimitEntry
{
    /** @param bool $below reaching the figure already breaks a maximum; a minimum must be exceeded */
    public function __construct(
        public Quantity $value,
        public bool $below = false,
        public ?CalendarDate $madeFrom = null,
        public ?CalendarDate $madeTo = null,
        public ?HeldBy $heldBy = null,
    ) {}

    public function applies(?PartialDate $madeOn, ?HeldBy $heldBy): Truth
    {
        return $this->madeInWindow($madeOn)->and($this->heldAsMeant($heldBy));
    }

    public function madeInWindow(?PartialDate $madeOn): Truth
    {
        return MadeWindow::holds($this->madeFrom, $this->madeTo, $madeOn);
    }

    private function heldAsMeant(?HeldBy $heldBy): Truth
    {
        return match (true) {
            $this->heldBy === null => Truth::Yes,
            $heldBy === null => Truth::Unknown,
            default => Truth::of($heldBy === $this->heldBy || $heldBy === HeldBy::Both),
        };
    }
}
