<?php

declare(strict_types=1);

namespace MintBuckle\Core\Growth;

/** The months (YYYY-MM) in which a child is estimated to outgrow a mode; null where the charts end first. */
final readonly class Outgrown
{
    public function __construct(public ?string $earliest, public ?string $likely, public ?string $latest, public Measure $by) {}
}
