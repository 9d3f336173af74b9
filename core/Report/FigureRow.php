<?php

declare(strict_types=1);

namespace MintBuckle\Core\Report;

use MintBuckle\Core\Telling\Message;

/** One line of a table of figures. */
final readonly class FigureRow
{
    /**
     * @param string $key stable, for files: a code, an item, the least minutes of a span
     * @param array<string, int|null> $cells by column; null: not told
     * @param Measure|null $measure what its checks can be listed by, with the key; null: they cannot
     * @param bool $isCommon the trade names it among the most common
     */
    public function __construct(
        public string $key,
        public Message $name,
        public array $cells,
        public ?Measure $measure = null,
        public bool $isCommon = false,
    ) {}
}
