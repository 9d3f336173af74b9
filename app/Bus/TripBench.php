<?php

declare(strict_types=1);

namespace App\Bus;

use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Telling\Message;

/** What is looked at on one bench. */
final readonly class TripBench
{
    public Message $title;

    /**
     * @param string $bench "2 left"; '' for the bus as a whole
     * @param non-empty-list<TripLine> $lines
     */
    public function __construct(string $bench, public array $lines)
    {
        [$row, $side] = [...explode(' ', $bench), ''];
        $this->title = $bench === ''
            ? new Message('trips.whole')
            : new Message('trips.bench', ['row' => (int) $row, 'side' => BenchSide::from($side)]);
    }

    /** @return list<string> keys of the lines nobody has looked at */
    public function open(): array
    {
        $open = array_filter($this->lines, static fn(TripLine $line): bool => $line->mark === null);

        return array_values(array_map(static fn(TripLine $line): string => $line->item->key, $open));
    }
}
