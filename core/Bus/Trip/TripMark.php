<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus\Trip;

use MintBuckle\Core\Finding\Code;

/** What was seen at one line of the list. A later one of the same line counts. */
final readonly class TripMark
{
    /**
     * @param string $item key of the line
     * @param Code|null $found what was wrong, where the list names it
     * @param string|null $note the same in words, or what else was seen
     * @param string $initials of who looked
     * @param string $at when, by ISO 8601
     */
    public function __construct(
        public string $item,
        public TripOutcome $outcome,
        public ?Code $found,
        public ?string $note,
        public string $initials,
        public string $at,
    ) {}
}
