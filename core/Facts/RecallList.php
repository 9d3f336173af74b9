<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;

/** The recall list the event works with. Unknown facts are null. */
final readonly class RecallList
{
    /**
     * @param list<Campaign>|null $campaigns
     */
    public function __construct(
        public ?CalendarDate $dated = null,
        public ?array $campaigns = null,
    ) {}
}
