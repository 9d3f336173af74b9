<?php

declare(strict_types=1);

namespace App\FollowUps;

use App\Models\FollowUp;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;

/** The families to be told soon: who, of what, when, in which words, and whether somebody did. */
final readonly class FollowUpsPage
{
    /** So many days ahead a family has time to look for what comes next. */
    public const AHEAD_DAYS = 60;

    /** @param LengthAwarePaginator<int, FollowUp> $families */
    public function __construct(public LengthAwarePaginator $families, public bool $all, private CarbonImmutable $today) {}

    public function isPast(FollowUp $followUp): bool
    {
        return $followUp->due_on->lessThan($this->today);
    }

    /** @return list<string> */
    public function words(FollowUp $followUp): array
    {
        return FollowUpWords::paragraphs($followUp);
    }
}
