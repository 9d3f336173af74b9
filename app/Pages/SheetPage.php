<?php

declare(strict_types=1);

namespace App\Pages;

use App\Judge;
use App\Models\Check;
use App\Models\Visit;
use App\Units;

/** The take-home sheet: for each child what was found, what was changed, how to repeat it, and the dates ahead. */
final readonly class SheetPage
{
    /** @var list<SheetChild> */
    public array $children;

    public function __construct(public Visit $visit, Units $units, Judge $judge)
    {
        $this->children = array_values($visit->checks->map(static fn(Check $check): SheetChild => SheetChild::of($check, $units, $judge))->all());
    }
}
