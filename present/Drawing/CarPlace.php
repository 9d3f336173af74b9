<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Telling\Message;

/** One place of the car from above, in pixels of CarAbove. */
final readonly class CarPlace
{
    /** @param list<Message> $signs what is known of it */
    public function __construct(
        public SeatingPosition $position,
        public float $x,
        public float $y,
        public bool $inUse,
        public Message $title,
        public array $signs,
    ) {}

    /** @return array{float, float} of its cushion */
    public function middle(): array
    {
        return [$this->x + CarAbove::PLACE_WIDTH / 2, $this->y + CarAbove::CUSHION_DEPTH / 2];
    }
}
