<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use MintBuckle\Core\Telling\Message;

/** What stands behind a rule or a figure. */
enum Source: string
{
    /** No publication stands behind it. */
    case Common = 'common';
    /** As it was entered. */
    case SeatManual = 'seat_manual';
    case VehicleManual = 'vehicle_manual';
    case LocalLaw = 'local_law';
    case RecallList = 'recall_list';
    case OwnPractice = 'own_practice';
    /** Publications whose figure was written down from memory and not checked against a copy. */
    case AcceptedStandards = 'accepted_standards';
    case Registration = 'registration';
    case CrashGuidance = 'crash_guidance';
    case InfantLabels = 'infant_labels';
    case Paediatricians = 'paediatricians';
    case AnchorWeight = 'anchor_weight';
    case AnchorSpacing = 'anchor_spacing';
    case EceInstructions = 'ece_instructions';
    case AirTravel = 'air_travel';
    case AircraftLabel = 'aircraft_label';
    case LockableBelts = 'lockable_belts';
    case Anchorages = 'anchorages';
    case OccupantProtection = 'occupant_protection';
    case BusSeats = 'bus_seats';
    case HeadStart = 'head_start';

    public function kind(): SourceKind
    {
        return match ($this) {
            self::Common => SourceKind::Common,
            self::SeatManual, self::VehicleManual, self::LocalLaw, self::RecallList, self::OwnPractice => SourceKind::Published,
            default => SourceKind::Memory,
        };
    }

    /** @param string|null $of which campaign, or whose practice */
    public function cite(?string $of = null): Citation
    {
        return new Citation($this, $of);
    }

    /** The work and the place in it. */
    public function title(): Message
    {
        return new Message("sources.{$this->value}");
    }
}
