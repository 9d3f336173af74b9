<?php

declare(strict_types=1);

namespace MintBuckle\Core\Recall;

use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Facts\RecallList;
use MintBuckle\Core\Facts\Seat;

/**
 * A whole list at hand for many seats: each is matched only with campaigns of its own maker, which is every campaign that can concern it.
 */
final readonly class Rematch
{
    /** @param array<string, list<Campaign>> $byMaker */
    private function __construct(private RecallList $list, private array $byMaker) {}

    public static function with(RecallList $list): self
    {
        $byMaker = [];
        foreach ($list->campaigns ?? [] as $campaign) {
            $byMaker[CandidateKeys::maker($campaign->maker)][] = $campaign;
        }

        return new self($list, $byMaker);
    }

    /** The same answer as of the whole list; of a seat without a known maker every campaign stays possible. */
    public function answer(Seat $seat): RecallAnswer
    {
        $campaigns = $seat->maker === null ? $this->list->campaigns : $this->byMaker[CandidateKeys::maker($seat->maker)] ?? [];

        return RecallAnswer::of(new RecallList($this->list->dated, $this->list->campaigns === null ? null : $campaigns), $seat);
    }
}
