<?php

declare(strict_types=1);

namespace MintBuckle\Core\Recall;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\RecallList;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Truth\Truth;

/**
 * What a recall list says of a seat: every campaign that covers it or may, except those shown as remedied. Always names the list's date.
 */
final readonly class RecallAnswer
{
    /** @param list<RecallMatch> $matches */
    private function __construct(public ?CalendarDate $listDated, public array $matches, private bool $complete) {}

    public static function of(?RecallList $list, Seat $seat): self
    {
        $matches = [];
        foreach ($list->campaigns ?? [] as $campaign) {
            $match = RecallMatch::of($campaign, $seat);
            if ($match->covers !== Truth::No && ! in_array($campaign->id, $seat->remedied, true)) {
                $matches[] = $match;
            }
        }

        return new self($list?->dated, $matches, $list?->dated !== null && $list->campaigns !== null);
    }

    /** affected, possible or clear, the worst of all; null when nothing matches a list without a date or content. */
    public function worst(): ?string
    {
        return match (true) {
            $this->having(Truth::Yes) !== [] => 'affected',
            $this->having(Truth::Unknown) !== [] => 'possible',
            $this->complete => 'clear',
            default => null,
        };
    }

    /** @return list<RecallMatch> */
    public function having(Truth $covers): array
    {
        return array_values(array_filter($this->matches, static fn(RecallMatch $m): bool => $m->covers === $covers));
    }
}
