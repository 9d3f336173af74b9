<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\FromManual;
use MintBuckle\Core\Facts\Definition\LimitIn;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\Definition\ManualPart;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\MonthUnit;

/** What the maker says of one way of using the seat. */
final readonly class Mode
{
    public function __construct(
        /** Lightest child; null: not known. */
        #[LimitIn(MassUnit::class), Asked(Station::Child, 100, AskedWhen::WhenNeeded), FromManual(ManualPart::Mode, 10)]
        public ?Limit $weightMin = null,
        /** Heaviest child; null: not known. */
        #[LimitIn(MassUnit::class), Asked(Station::Child, 110, AskedWhen::WhenNeeded), FromManual(ManualPart::Mode, 20)]
        public ?Limit $weightMax = null,
        /** Shortest child; null: its maker sets none. */
        #[LimitIn(LengthUnit::class), Asked(Station::Child, 120, AskedWhen::WhenNeeded), FromManual(ManualPart::Mode, 30)]
        public ?Limit $heightMin = null,
        /** Tallest child; null: not known. */
        #[LimitIn(LengthUnit::class), Asked(Station::Child, 130, AskedWhen::WhenNeeded), FromManual(ManualPart::Mode, 40)]
        public ?Limit $heightMax = null,
        /** Least age in completed months; null: its maker sets none. */
        #[LimitIn(MonthUnit::class), FromManual(ManualPart::Mode, 50)]
        public ?Limit $ageMinMonths = null,
        /** Greatest age in completed months; null: its maker sets none. */
        #[LimitIn(MonthUnit::class), FromManual(ManualPart::Mode, 60)]
        public ?Limit $ageMaxMonths = null,
        /** Least shell above the head; null: the practice's figure. */
        #[LimitIn(LengthUnit::class), Asked(Station::Child, 160, AskedWhen::BesideFinding), FromManual(ManualPart::HarnessMode, 10)]
        public ?Limit $headClearanceMin = null,
        /** Least angle of the shell's back from the vertical; null: no range is given. */
        #[LimitIn(AngleUnit::class), Asked(Station::Measure, 150, AskedWhen::BesideFinding), FromManual(ManualPart::HarnessMode, 20)]
        public ?Limit $angleMin = null,
        /** Greatest angle of the shell's back from the vertical; null: no range is given. */
        #[LimitIn(AngleUnit::class), Asked(Station::Measure, 160, AskedWhen::BesideFinding), FromManual(ManualPart::HarnessMode, 30)]
        public ?Limit $angleMax = null,
        /** Whether a child who sits unaided may be more upright than the range; null: no. */
        #[FromManual(ManualPart::HarnessMode, 100)]
        public ?bool $uprightWhenSits = null,
        /**
         * Zones of the recline indicator; none: it has one zone.
         *
         * @var list<Zone>
         */
        #[ListOf(Zone::class), FromManual(ManualPart::HarnessMode, 45)]
        public array $zones = [],
        /**
         * Allowed recline settings by the child's weight; none: any.
         *
         * @var list<ReclineRow>
         */
        #[ListOf(ReclineRow::class), FromManual(ManualPart::HarnessMode, 40)]
        public array $recline = [],
        /**
         * Allowed slots of the crotch strap, counted from the back; null: any.
         *
         * @var list<int>|null
         */
        #[ListOf('int'), Within(1, 100), FromManual(ManualPart::HarnessMode, 50)]
        public ?array $crotchSlots = null,
        /**
         * Harness slots that this mode may not use, counted from the lowest.
         *
         * @var list<int>
         */
        #[ListOf('int'), Within(1, 1000), FromManual(ManualPart::HarnessMode, 60)]
        public array $slotsForbidden = [],
        /**
         * Where the carrying handle may be for travel; null: its maker sets no such rule.
         *
         * @var list<string>|null
         */
        #[ListOf('string'), FromManual(ManualPart::HarnessMode, 70)]
        public ?array $handlePositions = null,
        /** In which position the foot of the base must be; null: its maker sets no such rule. */
        #[FromManual(ManualPart::HarnessMode, 80)]
        public ?string $foot = null,
        /** Which part of the belt goes through; null: its maker sets no such rule. */
        #[FromManual(ManualPart::HarnessMode, 90)]
        public ?Webbing $webbing = null,
        /** Whether the shell has markers for the shoulder; null: no. */
        #[FromManual(ManualPart::BoosterMode, 20)]
        public ?bool $shoulderMarkers = null,
        /** Boosters: whether lower anchors may hold it; null: not known. */
        #[Asked(Station::Child, 140, AskedWhen::WhenNeeded), FromManual(ManualPart::BoosterMode, 10)]
        public ?bool $anchorsAllowed = null,
        /**
         * Parts that must be on in this mode.
         *
         * @var list<string>
         */
        #[ListOf('string'), FromManual(ManualPart::ModeParts, 70)]
        public array $partsRequired = [],
        /**
         * Parts that must be off in this mode.
         *
         * @var list<string>
         */
        #[ListOf('string'), FromManual(ManualPart::ModeParts, 80)]
        public array $partsForbidden = [],
    ) {}
}
