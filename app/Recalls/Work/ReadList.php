<?php

declare(strict_types=1);

namespace App\Recalls\Work;

use App\Recalls\ReadRecallList;

/** A list that came in is read; nothing of it is taken yet. */
final class ReadList extends ImportWork
{
    public function handle(ReadRecallList $read): void
    {
        $read($this->import());
    }
}
