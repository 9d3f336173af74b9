<?php

declare(strict_types=1);

namespace App;

use Carbon\CarbonImmutable;
use Psr\Clock\ClockInterface;

/** The one place that asks what time it is. */
final class Clock implements ClockInterface
{
    public function now(): CarbonImmutable
    {
        return CarbonImmutable::now();
    }
}
