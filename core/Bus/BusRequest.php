<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Calendar\Age;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Child;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Months;

/** A bus, what is in stock for it, and who rides. */
final readonly class BusRequest
{
    public function __construct(
        /** The day for which ages count. */
        public CalendarDate $today,
        /** @var list<BusBench> */
        #[ListOf(BusBench::class)]
        public array $benches,
        /** @var list<BusRider> */
        #[ListOf(BusRider::class)]
        public array $riders,
        /** @var list<BusRestraint> */
        #[ListOf(BusRestraint::class)]
        public array $systems = [],
        /** @var list<Keep> who stays where they are */
        #[ListOf(Keep::class)]
        public array $keep = [],
        /** What bus and load may weigh together, told only; null: not known. */
        #[Within(0, 40000)]
        public ?Mass $grossWeight = null,
    ) {}

    public function age(Child $child): ?Months
    {
        return $child->ageMonths ?? ($child->bornOn === null ? null : Age::on($this->today, $child->bornOn));
    }

    /** The case of one rider, of whom nothing but the child is known. */
    public function caseOf(BusRider $rider): CaseFile
    {
        return new CaseFile(today: $this->today, practice: PracticeCode::Us, child: $rider->child);
    }

    public function system(?string $id): ?BusRestraint
    {
        return array_values(array_filter($this->systems, static fn(BusRestraint $system): bool => $system->id === $id))[0] ?? null;
    }

    /** A copy without these wishes and bounds, to see whether they alone stand in the way. */
    public function relaxed(Relaxed $what): self
    {
        return new self(
            $this->today,
            $what->benches($this->benches),
            $what->riders($this->riders),
            $what->systems($this->systems, count($this->riders)),
            $what === Relaxed::Keep ? [] : $this->keep,
            $this->grossWeight,
        );
    }
}
