<?php

declare(strict_types=1);

namespace App\Findings;

/** A seat model that was found loose here: how often, of how many. */
final readonly class HardModel
{
    public function __construct(public int $id, public string $title, public int $loose, public int $seats) {}
}
