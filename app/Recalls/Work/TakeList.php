<?php

declare(strict_types=1);

namespace App\Recalls\Work;

use App\Recalls\ImportState;
use App\Recalls\TakeRecallList;

/** A list that was looked at is taken whole; then past checks are matched with it. */
final class TakeList extends ImportWork
{
    public function handle(TakeRecallList $take): void
    {
        $import = $this->import();
        $take($import);
        if ($import->state === ImportState::Matching) {
            MatchChecks::dispatch($this->importId);
        }
    }
}
