<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Quantity\Quantity;

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

    /** How special it is: a made window counts once, whatever its ends; what holds the seat counts once. */
    public function conditions(): int
    {
        return ($this->madeFrom === null && $this->madeTo === null ? 0 : 1) + ($this->heldBy === null ? 0 : 1);
    }

    /**
     * Whether every condition holds for a seat made on one day.
     *
     * @param int $day as CalendarDate counts them
     * @param HeldBy|null $heldBy null only where the entry does not ask
     */
    public function applies(int $day, ?HeldBy $heldBy): bool
    {
        return ($this->madeFrom === null || $day >= $this->madeFrom->dayNumber())
            && ($this->madeTo === null || $day <= $this->madeTo->dayNumber())
            && ($this->heldBy === null || $this->heldBy === $heldBy || ($heldBy === HeldBy::Both && $this->heldBy !== HeldBy::Nothing));
    }

    public function isBrokenAsMaximumBy(Quantity $measured): bool
    {
        $order = $measured->compareTo($this->value);

        return $order > 0 || ($order === 0 && $this->below);
    }

    public function isBrokenAsMinimumBy(Quantity $measured): bool
    {
        $order = $measured->compareTo($this->value);

        return $order < 0 || ($order === 0 && $this->below);
    }
}
