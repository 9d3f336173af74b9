<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Models\Campaign;
use App\Models\CheckupEvent;
use App\Models\RecallFollowUp;
use App\Models\RecallImport;
use App\Models\RecallList;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;
use MintBuckle\Core\Rules\Label\RecallListRule;
use MintBuckle\Core\Telling\Message;

/** The recall list in use, lists on their way in, and families to be told. */
final readonly class RecallsPage
{
    public const SHOWN = 40;

    /** Families on one page. */
    public const FAMILIES = 25;

    /** @var array<array-key, Campaign> by number: those that name a family's seat */
    private array $told;

    /**
     * @param int|null $age of the list, in days
     * @param Collection<int, RecallImport> $imports latest first
     * @param Collection<int, Campaign> $campaigns some of the list
     * @param LengthAwarePaginator<int, RecallFollowUp>|null $followUps of families that asked to hear; null without a list
     * @param int $others named checks of families that are still here, or did not ask
     */
    public function __construct(
        public ?RecallList $list,
        public ?int $age,
        public CheckupEvent $event,
        public Collection $imports,
        public Collection $campaigns,
        public string $search,
        public ?LengthAwarePaginator $followUps,
        public int $others,
    ) {
        $named = array_map(static fn(RecallFollowUp $f): array => $f->campaigns, $followUps?->items() ?? []);
        $codes = array_values(array_unique(array_merge([], ...array_values($named))));
        $this->told = $list === null || $codes === [] ? [] : $list->named($codes)->keyBy('code')->all();
    }

    /** @return list<Message> what to tell a family, a sentence a campaign */
    public function words(RecallFollowUp $followUp): array
    {
        return array_values(array_filter(
            array_map(fn(string $code): ?Message => isset($this->told[$code]) ? $this->told[$code]->words() : null, $followUp->campaigns),
            static fn(?Message $words): bool => $words !== null,
        ));
    }

    public function isStale(): bool
    {
        return $this->age !== null && $this->age > RecallListRule::FRESH_DAYS;
    }

    /** Whether the day's checks look into this list; not while it is dated after the day. */
    public function isOfTheDay(): bool
    {
        return $this->list !== null && $this->event->recall_list_id === $this->list->id;
    }
}
