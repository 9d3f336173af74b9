<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Mass;

/** A seat: its label, its maker's rules, its past. model is the number on the label, name the trade name. Unknown facts are null. */
final readonly class Seat
{
    /**
     * @param list<string>|null $standards
     * @param list<string> $remedied
     * @param list<Slot>|null $slots
     * @param list<Insert>|null $inserts
     * @param array<value-of<ModeName>,Mode>|null $modes
     */
    public function __construct(
        public ?string $maker = null,
        public ?string $model = null,
        public ?string $name = null,
        public ?string $serial = null,
        public ?PartialDate $madeOn = null,
        public ?PartialDate $useUntil = null,
        public ?int $lifeYears = null,
        public ?Mass $weight = null,
        public ?array $standards = null,
        public ?bool $labelReadable = null,
        public ?bool $registered = null,
        public array $remedied = [],
        public ?bool $lockoff = null,
        public ?WebbingSide $lockoffUse = null,
        public ?LockoffPlace $lockoffOn = null,
        public ?bool $clampDoor = null,
        public ?Leave $lockRetractorToo = null,
        public ?ClampOrder $clampOrder = null,
        public ?bool $detachable = null,
        public ?bool $turns = null,
        public ?Permission $baseless = null,
        public ?Webbing $baselessWebbing = null,
        public ?bool $aircraftCertified = null,
        public ?Holding $makerPrefers = null,
        public ?bool $beltAndAnchorsOk = null,
        public ?bool $borrowAnchorsOk = null,
        public ?bool $inflatableBeltOk = null,
        public ?bool $wedgeOk = null,
        public ?Leave $tetherRear = null,
        public ?bool $tetherForwardRequired = null,
        public ?Limit $lowerAnchorChildMax = null,
        public ?Limit $clipDistanceMax = null,
        public ?Limit $movementMax = null,
        public ?Limit $overhangMax = null,
        public ?StrapRule $strapRuleRear = null,
        public ?StrapRule $strapRuleForward = null,
        public ?TightnessTest $tightnessTest = null,
        public ?bool $chestClip = null,
        public ?SidePod $sidePod = null,
        public ?Length $baseLength = null,
        public ?Length $width = null,
        public ?ReplaceAfterCrash $replaceAfterCrash = null,
        public ?array $slots = null,
        public ?array $inserts = null,
        public ?array $modes = null,
        public History $history = new History(),
    ) {}
}
