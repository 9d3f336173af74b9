<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Law;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Facts\Setup;
use MintBuckle\Core\Facts\Vehicle;

/** Everybody who is to ride, and the car. */
final readonly class SeatingRequest
{
    /** The planner is exact up to these. */
    public const MOST_RIDERS = 6;

    public function __construct(
        /** The day for which ages count. */
        public CalendarDate $today,
        public PracticeCode $practice,
        public Vehicle $vehicle,
        /** @var list<Rider> */
        #[ListOf(Rider::class)]
        public array $riders,
        public Law $law = new Law(),
        public MiddleFor $middleFor = MiddleFor::Youngest,
    ) {}

    /**
     * The case of one rider at one place.
     *
     * @param list<SeatingPosition>|null $positions the places of the car; null: as they are
     */
    public function caseOf(
        Rider $rider,
        ?ModeName $mode = null,
        ?string $place = null,
        ?HeldBy $heldBy = null,
        ?array $positions = null,
    ): CaseFile {
        $v = $this->vehicle;

        return new CaseFile(
            today: $this->today,
            practice: $this->practice,
            child: $rider->child,
            law: $this->law,
            seat: $rider->seat,
            vehicle: $positions === null
                ? $v
                : new Vehicle(
                    $v->modelYear,
                    $v->beltAndAnchorsOk,
                    $v->borrowAnchorsOk,
                    $v->buckleTurnsOk,
                    $v->lowerAnchorChildMax,
                    $positions,
                ),
            setup: new Setup(mode: $mode, position: $place, heldBy: $heldBy, anchorsBorrowed: $heldBy === HeldBy::Belt ? null : false),
        );
    }

    /** The kerb is at the right where one drives on the right. */
    public function kerbSide(): string
    {
        return match ($this->practice) {
            PracticeCode::Us => 'R',
            PracticeCode::Nz, PracticeCode::Au => 'L',
        };
    }
}
