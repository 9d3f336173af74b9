<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;

/** A maker's recall. No models means every model; no bound means none on that side. Unknown facts are null. */
final readonly class Campaign
{
    /**
     * @param list<string> $models
     */
    public function __construct(
        public string $id,
        public string $maker,
        public Advice $advice,
        public array $models = [],
        public ?CalendarDate $madeFrom = null,
        public ?CalendarDate $madeTo = null,
        public ?string $serialFrom = null,
        public ?string $serialTo = null,
        public ?string $defect = null,
        public ?string $remedy = null,
    ) {}
}
