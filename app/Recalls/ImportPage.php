<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Models\RecallImport;
use App\Models\RecallList;
use MintBuckle\Core\Rules\Label\RecallListRule;

/** One recall list on its way in. */
final readonly class ImportPage
{
    /**
     * @param bool $dead it was under way, and stopped without a word
     * @param bool $older than the list in use
     */
    private function __construct(public RecallImport $import, public int $done, public bool $dead, public bool $older, public ?int $age) {}

    public static function of(RecallImport $import, Progress $progress): self
    {
        $inUse = RecallList::current();

        return new self(
            $import,
            $progress->done($import),
            $progress->isDead($import),
            $import->dated !== null && $inUse !== null && $import->recall_list_id === null && $import->dated->isBefore($inUse->dated),
            $import->dated === null ? null : (int) $import->dated->diffInDays($import->created_at->startOfDay()),
        );
    }

    public function isStale(): bool
    {
        return $this->age !== null && $this->age > RecallListRule::FRESH_DAYS;
    }

    /** @return list<array{string, int, list<string>}> what kind of change, how many, some of them */
    public function changes(): array
    {
        $changes = $this->import->changes;
        if ($changes === null) {
            return [];
        }
        [$new, $gone, $changed] = $changes['counts'];

        return [['new', $new, $changes['new']], ['gone', $gone, $changes['gone']], ['told', $changed, $changes['changed']]];
    }
}
