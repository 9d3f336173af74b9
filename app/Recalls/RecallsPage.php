<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Models\Campaign;
use App\Models\CheckupEvent;
use App\Models\RecallFollowUp;
use App\Models\RecallImport;
use App\Models\RecallList;
use Illuminate\Support\Collection;
use MintBuckle\Core\Rules\Label\RecallListRule;
use MintBuckle\Core\Telling\Message;

/** The recall list in use, lists on their way in, and families to be told. */
final readonly class RecallsPage
{
    public const SHOWN = 40;

    /** @var Collection<int, RecallFollowUp> of families that asked to hear, those not told yet first */
    public Collection $followUps;

    /** @var array<array-key, Campaign> by number: those that name a family's seat */
    private array $told;

    /** Named checks of families that are still here, or did not ask. */
    public int $others;

    /**
     * @param int|null $age of the list, in days
     * @param Collection<int, RecallImport> $imports latest first
     * @param Collection<int, Campaign> $campaigns some of the list
     * @param Collection<int, RecallFollowUp> $named every past check that the list names
     */
    public function __construct(
        public ?RecallList $list,
        public ?int $age,
        public CheckupEvent $event,
        public Collection $imports,
        public Collection $campaigns,
        public string $search,
        Collection $named,
    ) {
        $asked = $named->filter(
            static fn(RecallFollowUp $f): bool => ($f->check->visit->family->contact ?? '') !== '' && $f->check->signed_at !== null,
        );
        $this->followUps = $asked->sortBy(static fn(RecallFollowUp $f): int => $f->told_at === null ? 0 : 1)->values();
        $this->others = $named->count() - $asked->count();
        $codes = array_values(array_unique(array_merge([], ...$asked->map(static fn(RecallFollowUp $f): array => $f->campaigns)->all())));
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
