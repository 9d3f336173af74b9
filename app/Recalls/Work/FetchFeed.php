<?php

declare(strict_types=1);

namespace App\Recalls\Work;

use App\Recalls\FetchRecallFeed;

/** The feed is asked for its list, which is then read. */
final class FetchFeed extends ImportWork
{
    /** @param string $behaviour how the simulated feed is to answer */
    public function __construct(int $importId, private readonly string $behaviour)
    {
        parent::__construct($importId);
    }

    public function handle(FetchRecallFeed $fetch): void
    {
        $fetch($this->import(), $this->behaviour);
    }
}
