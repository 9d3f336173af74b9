<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use Brick\Math\BigDecimal;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;

/** The seat as it stands in the car with the child in it. Unknown facts are null. */
final readonly class Setup
{
    /**
     * @param list<Lock>|null $lock
     * @param list<string>|null $partsFitted
     */
    public function __construct(
        public ?ModeName $mode = null,
        public ?string $position = null,
        public ?HeldBy $heldBy = null,
        public ?BeltPath $beltPath = null,
        public ?Webbing $webbing = null,
        public ?bool $beltInGuides = null,
        public ?bool $strapTrapped = null,
        public ?array $lock = null,
        public ?WebbingSide $lockoffUsed = null,
        public ?Length $clipDistance = null,
        public ?int $clipProngs = null,
        public ?BigDecimal $buckleTurns = null,
        public ?bool $buckleInPath = null,
        public ?bool $twisted = null,
        public ?bool $clampDoorClosed = null,
        public ?bool $anchorDesignated = null,
        public ?bool $anchorsBorrowed = null,
        public ?bool $hookRightWayUp = null,
        public ?bool $anchorTailLoose = null,
        public ?bool $shellLocked = null,
        public ?BaseUse $base = null,
        public ?bool $unusedStrapsStowed = null,
        public Movement $movement = new Movement(),
        public ?Tips $tips = null,
        public ?bool $levelGround = null,
        public ?Angle $angle = null,
        public ?AngleFrom $angleFrom = null,
        public ?Indicator $indicator = null,
        public ?string $zone = null,
        public ?int $reclineSetting = null,
        public ?string $foot = null,
        public ?Length $overhang = null,
        public ?BigDecimal $baseOnCushion = null,
        public Tether $tether = new Tether(),
        public ?array $partsFitted = null,
        public ?SidePod $sidePod = null,
        public ?Wedge $wedge = null,
        public ?int $wedgeCount = null,
        public ?FrontContact $frontContact = null,
        public ?string $handle = null,
        public ?bool $vehicleBackUpright = null,
        public ?bool $touchesVehicleBack = null,
        public ?bool $headRestraintPushes = null,
        public ?HeadRestraint $headRestraint = null,
        public ?bool $emptyBoosterBuckled = null,
        public ?Length $headToShellTop = null,
        public ?bool $earsAbove = null,
        public ?Marker $marker = null,
        public Harness $harness = new Harness(),
        public ?Booster $booster = null,
        public ?BeltFit $beltFit = null,
    ) {}
}
