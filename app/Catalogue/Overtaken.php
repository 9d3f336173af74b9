<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\SeatModel;
use RuntimeException;

/** Somebody published another version while this one was typed; nothing was kept. */
final class Overtaken extends RuntimeException
{
    public function __construct(public readonly SeatModel $newer)
    {
        parent::__construct();
    }
}
