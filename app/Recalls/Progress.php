<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Models\RecallImport;
use Illuminate\Contracts\Cache\Repository;

/** How far a long work is, and whether somebody wants it stopped. Kept beside the database, whose transaction nobody else sees into. */
final readonly class Progress
{
    private const SECONDS = 3600;

    private const STILL_SECONDS = 60;

    public function __construct(private Repository $cache) {}

    public function report(RecallImport $import, int $done): void
    {
        $this->cache->put("recall-import.{$import->id}.done", $done, self::SECONDS);
        $this->cache->put("recall-import.{$import->id}.moving", true, self::STILL_SECONDS);
    }

    /** Whether a work under way was killed: nothing was heard of it for a while. */
    public function isDead(RecallImport $import): bool
    {
        return $import->state->isUnderWay()
            && $this->cache->get("recall-import.{$import->id}.moving") !== true
            && $import->updated_at->diffInSeconds(now()) > self::STILL_SECONDS;
    }

    public function done(RecallImport $import): int
    {
        $done = $this->cache->get("recall-import.{$import->id}.done", 0);

        return is_int($done) ? $done : 0;
    }

    public function cancel(RecallImport $import): void
    {
        $this->cache->put("recall-import.{$import->id}.cancel", true, self::SECONDS);
    }

    /** @throws Cancelled */
    public function stopIfCancelled(RecallImport $import): void
    {
        if ($this->cache->get("recall-import.{$import->id}.cancel") === true) {
            throw new Cancelled();
        }
    }
}
