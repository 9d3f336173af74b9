<?php

declare(strict_types=1);

namespace App\Recalls\Work;

use App\Recalls\MatchAgain;

/** Past checks are matched with a list that was taken: some seconds' worth, then the next, so that other work gets its turn. */
final class MatchChecks extends ImportWork
{
    private const SECONDS = 10.0;

    public function handle(MatchAgain $match): void
    {
        $end = microtime(true) + self::SECONDS;
        $import = $this->import();
        while ($match->goOn($import)) {
            if (microtime(true) > $end) {
                self::dispatch($this->importId);

                return;
            }
        }
    }
}
