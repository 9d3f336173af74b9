<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\Definition\ListOf;

/** A maker's recall. No models means every model; no bound means none on that side. */
final readonly class Campaign
{
    public function __construct(
        /** The number under which the maker recalls. */
        public string $id,
        /** Whose seats it is about. */
        public string $maker,
        /** What to do until the seat is put right; absent: stop using it. */
        public Advice $advice = Advice::StopUse,
        /**
         * Model numbers, a star at the end for any continuation; none: every model.
         *
         * @var list<string>
         */
        #[ListOf('string')]
        public array $models = [],
        /** First make date of the affected seats; null: no bound. */
        public ?CalendarDate $madeFrom = null,
        /** Last make date of the affected seats; null: no bound. */
        public ?CalendarDate $madeTo = null,
        /** First affected serial number; null: no bound. */
        public ?string $serialFrom = null,
        /** Last affected serial number; null: no bound. */
        public ?string $serialTo = null,
        /** What is wrong with the affected seats; null: not said. */
        public ?string $defect = null,
        /** What the maker offers; null: not said. */
        public ?string $remedy = null,
    ) {}
}
