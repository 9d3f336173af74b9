<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

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
    case LockableBelts = 'lockable_belts';
    case Anchorages = 'anchorages';
    case OccupantProtection = 'occupant_protection';

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
    public function title(): string
    {
        return match ($this) {
            self::Common => 'common practice of the trade',
            self::SeatManual => 'the seat\'s own label or manual, as entered',
            self::VehicleManual => 'the vehicle\'s own label or manual, as entered',
            self::LocalLaw => 'local law, as entered',
            self::RecallList => 'recall list',
            self::OwnPractice => 'the practice as its organisation set it',
            self::AcceptedStandards => 'the standards that each practice accepts',
            self::Registration => '49 CFR 588',
            self::CrashGuidance => 'NHTSA, Car Seat Use After a Crash',
            self::InfantLabels => 'labels under 49 CFR 571.213',
            self::Paediatricians => 'AAP policy statement, Child Passenger Safety, 2018',
            self::AnchorWeight => '49 CFR 571.213 S5.5.2(l)',
            self::AnchorSpacing => '49 CFR 571.225: the bars of one place stand 280 mm apart',
            self::EceInstructions => 'ECE R44 and R129 user instructions',
            self::AirTravel => '14 CFR 121.311',
            self::LockableBelts => '49 CFR 571.208 S7.1.1.5',
            self::Anchorages => '49 CFR 571.225',
            self::OccupantProtection => '49 CFR 571.208',
        };
    }
}
