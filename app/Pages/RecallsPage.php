<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Campaign;
use App\Models\Day;
use App\Models\RecallFollowUp;
use App\Models\RecallImport;
use App\Models\RecallList;
use Illuminate\Support\Collection;

/** The recall list in use, lists on their way in, and families to be told. */
final readonly class RecallsPage
{
    public const SHOWN = 40;

    /** @var Collection<int, RecallFollowUp> of families that asked to hear, those not told yet first */
    public Collection $followUps;

    /** Named checks of families that are still here, or did not ask. */
    public int $others;

    /**
     * @param int|null $age of the list, in days
     * @param Collection<int, RecallImport> $imports latest first
     * @param Collection<int, Campaign> $campaigns some of the list
     * @param Collection<int, RecallFollowUp> $named every past check that the list names
     */
    public function __construct(public ?RecallList $list, public ?int $age, public Day $day, public Collection $imports, public Collection $campaigns, public string $search, Collection $named)
    {
        $asked = $named->filter(static fn(RecallFollowUp $f): bool => ($f->check->visit->family->contact ?? '') !== '' && $f->check->signed_at !== null);
        $this->followUps = $asked->sortBy(static fn(RecallFollowUp $f): int => $f->told_at === null ? 0 : 1)->values();
        $this->others = $named->count() - $asked->count();
    }

    public function isStale(): bool
    {
        return $this->age !== null && $this->age > ImportPage::STALE_DAYS;
    }

    /** Whether the day's checks look into this list; not while it is dated after the day. */
    public function isOfTheDay(): bool
    {
        return $this->list !== null && $this->day->recall_list_id === $this->list->id;
    }
}
