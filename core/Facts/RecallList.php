<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Finding\Station;

/** The recall list the event works with. */
final readonly class RecallList
{
    public function __construct(
        /** The day the list stands for; null: it names none. */
        #[Asked(Station::Label, 130, AskedWhen::Elsewhere)]
        public ?CalendarDate $dated = null,
        /**
         * Every campaign of the list; null: the list holds no content.
         *
         * @var list<Campaign>|null
         */
        #[ListOf(Campaign::class, max: 10_000), Asked(Station::Label, 130, AskedWhen::Elsewhere)]
        public ?array $campaigns = null,
    ) {}
}
