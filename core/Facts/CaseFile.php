<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Finding\Station;

/** Everything known of one check on one day. Unknown facts are null, never false. */
final readonly class CaseFile
{
    public function __construct(
        /** The day on which the check is judged. */
        public CalendarDate $today,
        /** The regional practice that speaks where seat, vehicle and law are silent. */
        public PracticeCode $practice,
        /** Who rides. */
        public Child $child,
        /** What the event has settled. */
        public Policy $policy = new Policy(),
        /** The floors of the law where the family drives. */
        public Law $law = new Law(),
        /** The list the event works with; null: none is loaded. */
        #[Asked(Station::Label, 120, AskedWhen::Elsewhere)]
        public ?RecallList $recallList = null,
        /** The seat under check; null: not chosen yet, or none is used. */
        #[Asked(Station::Label, 140, AskedWhen::Elsewhere)]
        public ?Seat $seat = null,
        /** The car; null: not known yet. */
        #[Asked(Station::Place, 10, AskedWhen::Elsewhere)]
        public ?Vehicle $vehicle = null,
        /** The school bus that is ridden instead of a car; null: it is a car. */
        public ?Bus $bus = null,
        /** How the seat stands in the car; null: not looked at yet. */
        #[Asked(Station::Place, 20, AskedWhen::Elsewhere)]
        public ?Setup $setup = null,
        /** How the family is sent off; null: not yet. */
        #[Asked(Station::Handover, 10, AskedWhen::Elsewhere)]
        public ?Handover $handover = null,
    ) {}
    /** The same facts where another practice speaks. */
    public function under(PracticeCode $practice): self
    {
        return new self(
            $this->today,
            $practice,
            $this->child,
            $this->policy,
            $this->law,
            $this->recallList,
            $this->seat,
            $this->vehicle,
            $this->bus,
            $this->setup,
            $this->handover,
        );
    }
}
