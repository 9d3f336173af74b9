<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use stdClass;

/** What drills are made from: the rules of seats, and cars with their places, in the shape of the case file. */
final readonly class DrillStock
{
    /**
     * @param non-empty-list<stdClass> $seats each the rules of one model
     * @param non-empty-list<stdClass> $cars each with model_year and positions
     * @param list<stdClass> $vests rules of what is worn on a bus
     */
    public function __construct(public array $seats, public array $cars, public array $vests = []) {}
}
