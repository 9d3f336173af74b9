<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use Brick\Math\BigDecimal;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\AnswersFrom;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\Like;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\OfRide;
use MintBuckle\Core\Facts\Definition\Ride;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;

/** The seat as it stands in the car with the child in it. */
final readonly class Setup
{
    public function __construct(
        /** How the child rides; null: not chosen. */
        #[Asked(Station::Child, 80)]
        #[Disturbs(
            Look::Holding, Look::Tether, Look::Movement, Look::Recline, Look::Standing,
            Look::BeltOverChild, Look::Straps, Look::WayOfRiding, Look::VehicleBack, Look::StrapHeight,
            Look::CrotchStrap,
        )]
        public ?ModeName $mode = null,
        /** The place in the car; null: not chosen. */
        #[Like(SeatingPosition::NAME, SeatingPosition::NAME_WORDS),
            Asked(Station::Place, 30, as: AnswerKind::Choice, from: AnswersFrom::SeatingPositions),]
        #[Disturbs(
            Look::Holding, Look::Tether, Look::Movement, Look::Recline, Look::Standing,
            Look::BeltOverChild, Look::VehicleBack, Look::Ground,
        )]
        public ?string $position = null,
        /** What holds the seat to the car, or a booster to it; null: not looked at. */
        #[Asked(Station::Secure, 10), Disturbs(Look::Holding, Look::Movement, Look::Recline)]
        public ?HeldBy $heldBy = null,
        /** Which path the webbing goes through; null: not looked at. */
        #[Asked(Station::Secure, 20), StaleWith(Look::WayOfRiding), Disturbs(Look::Movement, Look::Recline, Look::Twist)]
        public ?BeltPath $beltPath = null,
        /** Which part of the belt goes through; null: not looked at. */
        #[Asked(Station::Secure, 30), StaleWith(Look::WayOfRiding), Disturbs(Look::Movement, Look::Recline)]
        public ?Webbing $webbing = null,
        /** Whether the belt lies in the seat's guides and moulded lines; null: not looked at. */
        #[Asked(Station::Secure, 190), Disturbs(Look::Movement)]
        #[GoodWhen('yes')]
        public ?bool $beltInGuides = null,
        /** Whether a strap of the seat is caught under belt, door or cover; null: not looked at. */
        #[Asked(Station::Secure, 200), Disturbs(Look::Movement)]
        #[GoodWhen('no')]
        public ?bool $strapTrapped = null,
        /**
         * What fixes the length of the belt; an empty list: nothing; null: not looked at.
         *
         * @var list<Lock>|null
         */
        #[ListOf(Lock::class), Asked(Station::Secure, 40), StaleWith(Look::Holding), Disturbs(Look::Movement, Look::Recline)]
        public ?array $lock = null,
        /** Which lock-off is closed; null: not looked at. */
        #[Asked(Station::Secure, 110), StaleWith(Look::Holding), Disturbs(Look::Movement)]
        public ?WebbingSide $lockoffUsed = null,
        /** Locking clip to latch plate; null: not measured. */
        #[Asked(Station::Secure, 130, AskedWhen::WhenNeeded), StaleWith(Look::Holding), Disturbs(Look::Movement)]
        public ?Length $clipDistance = null,
        /** Prongs of the clip that hold webbing; null: not looked at. */
        #[Within(0, 4), Asked(Station::Secure, 140, AskedWhen::WhenNeeded, as: AnswerKind::Choice, answers: ['4', '3', '2', '1', '0'])]
        #[StaleWith(Look::Holding)]
        #[Disturbs(Look::Movement)]
        public ?int $clipProngs = null,
        /** Turns of the buckle stalk, in halves; null: none are known. */
        #[Within(0, 20, halves: true), Asked(Station::Secure, 150), Disturbs(Look::Movement)]
        public ?BigDecimal $buckleTurns = null,
        /** Whether the buckle rides up into the belt path; null: not looked at. */
        #[Asked(Station::Secure, 160), Disturbs(Look::Movement)]
        #[GoodWhen('no')]
        public ?bool $buckleInPath = null,
        /** Whether the webbing in the path is twisted or folded; null: not looked at. */
        #[Asked(Station::Secure, 180), StaleWith(Look::Holding, Look::Twist), Disturbs(Look::Movement)]
        #[GoodWhen('no')]
        public ?bool $twisted = null,
        /** Whether the clamp door is fully closed; null: not looked at. */
        #[Asked(Station::Secure, 120), StaleWith(Look::Holding), Disturbs(Look::Movement)]
        #[GoodWhen('yes')]
        public ?bool $clampDoorClosed = null,
        /** Whether both hooks are on designated lower anchors; null: not looked at. */
        #[Asked(Station::Secure, 210), StaleWith(Look::Holding), Disturbs(Look::Movement)]
        #[GoodWhen('yes')]
        public ?bool $anchorDesignated = null,
        /** Whether the bars are borrowed from two neighbouring places; null: not looked at. */
        #[Asked(Station::Secure, 220), StaleWith(Look::Holding), Disturbs(Look::Movement)]
        #[GoodWhen('no')]
        public ?bool $anchorsBorrowed = null,
        /** Whether the hooks are the way up their maker shows; null: not looked at. */
        #[Asked(Station::Secure, 230), StaleWith(Look::Holding)]
        #[GoodWhen('yes')]
        public ?bool $hookRightWayUp = null,
        /** Whether the free end of an anchor strap lies loose; null: not looked at. */
        #[Asked(Station::Secure, 240)]
        #[GoodWhen('no')]
        public ?bool $anchorTailLoose = null,
        /** Whether the shell is locked on its base, every indicator right; null: not looked at. */
        #[Asked(Station::Secure, 300), Disturbs(Look::Movement)]
        public ?bool $shellLocked = null,
        /** Whether the base is used; null: not looked at. */
        #[Asked(Station::Secure, 310), Disturbs(Look::Holding, Look::Movement, Look::Recline, Look::Standing)]
        public ?BaseUse $base = null,
        /** Whether straps that are not used are stored away; null: not looked at. */
        #[Asked(Station::Secure, 250)]
        #[GoodWhen('yes')]
        public ?bool $unusedStrapsStowed = null,
        /** How far the seat moves. */
        public Movement $movement = new Movement(),
        /** Which way it tips when tightened, told only; null: not tried. */
        #[Asked(Station::Measure, 90)]
        public ?Tips $tips = null,
        /** Whether the car stands level; null: not looked at. */
        #[Asked(Station::Measure, 110), StaleWith(Look::Ground), Disturbs(Look::Recline)]
        #[GoodWhen('yes')]
        public ?bool $levelGround = null,
        /** Back of the shell, counted as angleFrom says; null: not measured. */
        #[Asked(Station::Measure, 130), StaleWith(Look::Recline)]
        public ?Angle $angle = null,
        /** From where the gauge counts; null: the vertical. */
        #[Asked(Station::Measure, 140)]
        public ?AngleFrom $angleFrom = null,
        /** What the recline indicator shows; null: not read. */
        #[Asked(Station::Measure, 120), StaleWith(Look::Recline)]
        public ?Indicator $indicator = null,
        /** Name of the zone in which the indicator stands; null: not read. */
        #[Asked(Station::Measure, 170, as: AnswerKind::Choice, from: AnswersFrom::Zones), StaleWith(Look::Recline)]
        public ?string $zone = null,
        /** Number of the recline setting; null: not read. */
        #[Within(0, 100),
            Asked(Station::Measure, 180, as: AnswerKind::Choice, from: AnswersFrom::ReclineSettings),
            StaleWith(Look::WayOfRiding),]
        #[Disturbs(Look::Movement, Look::Recline, Look::Standing)]
        public ?int $reclineSetting = null,
        /** Position of the foot of the base; null: not looked at. */
        #[Asked(Station::Measure, 190), StaleWith(Look::WayOfRiding), Disturbs(Look::Movement, Look::Recline)]
        public ?string $foot = null,
        /** How far the base hangs over the cushion's edge; null: not measured. */
        #[Asked(Station::Measure, 200), StaleWith(Look::Standing), Disturbs(Look::Movement)]
        public ?Length $overhang = null,
        /** Share of the base that stands on the cushion, 0 to 1; null: not measured. */
        #[Within(0, 1), Asked(Station::Measure, 210, as: AnswerKind::Share), StaleWith(Look::Standing), Disturbs(Look::Movement)]
        public ?BigDecimal $baseOnCushion = null,
        /** The top tether as it is. */
        public Tether $tether = new Tether(),
        /**
         * Which of its parts are on; an empty list: none; null: not looked at.
         *
         * @var list<string>|null
         */
        #[ListOf('string'), Asked(Station::Measure, 280, as: AnswerKind::Choices, from: AnswersFrom::Parts), StaleWith(Look::WayOfRiding)]
        #[Disturbs(Look::Movement, Look::Recline)]
        public ?array $partsFitted = null,
        /** Which side pods are out; null: not looked at. */
        #[Asked(Station::Measure, 290)]
        public ?SidePod $sidePod = null,
        /** What lies under the seat; null: not looked at. */
        #[Asked(Station::Measure, 300), Disturbs(Look::Movement, Look::Recline)]
        #[GoodWhen('none')]
        public ?Wedge $wedge = null,
        /** How many noodles or towels lie under it, told only; null: not counted. */
        #[Within(0, 20), Asked(Station::Measure, 310), Disturbs(Look::Movement, Look::Recline)]
        public ?int $wedgeCount = null,
        /** How it meets the vehicle seat ahead; null: not looked at. */
        #[Asked(Station::Place, 160), StaleWith(Look::Standing)]
        #[GoodWhen('none')]
        public ?FrontContact $frontContact = null,
        /** Where the carrying handle is; null: not looked at. */
        #[Asked(Station::Place, 170, as: AnswerKind::Choice, from: AnswersFrom::HandlePositions)]
        public ?string $handle = null,
        /** Whether the vehicle seat back is upright; null: not looked at. */
        #[Asked(Station::Place, 180), StaleWith(Look::VehicleBack), Disturbs(Look::Movement, Look::Recline)]
        #[GoodWhen('yes')]
        public ?bool $vehicleBackUpright = null,
        /** Whether the seat touches the vehicle seat back; null: not looked at. */
        #[Asked(Station::Place, 190), Disturbs(Look::Movement)]
        #[GoodWhen('yes')]
        public ?bool $touchesVehicleBack = null,
        /** Whether the vehicle head restraint pushes the seat away; null: not looked at. */
        #[Asked(Station::Place, 200), Disturbs(Look::Movement)]
        #[GoodWhen('no')]
        public ?bool $headRestraintPushes = null,
        /** What was done to the vehicle head restraint, told only; null: not noted. */
        #[Asked(Station::Place, 210), Disturbs(Look::Movement, Look::VehicleBack)]
        public ?HeadRestraint $headRestraint = null,
        /** Whether the booster is buckled while it rides empty; null: not asked. */
        #[Asked(Station::Secure, 260), OfRide(Ride::Booster)]
        public ?bool $emptyBoosterBuckled = null,
        /** Shell above the head; null: not measured. */
        #[Asked(Station::Child, 150), StaleWith(Look::WayOfRiding)]
        public ?Length $headToShellTop = null,
        /** Whether the tops of the ears are above the shell or head rest; null: not looked at. */
        #[Asked(Station::Child, 170), StaleWith(Look::WayOfRiding)]
        public ?bool $earsAbove = null,
        /** Where the shoulder is against the seat's markers; null: not looked at. */
        #[Asked(Station::Child, 180), StaleWith(Look::WayOfRiding)]
        public ?Marker $marker = null,
        /** The child in the harness. */
        public Harness $harness = new Harness(),
        /** The child in the booster; null: not looked at. */
        public ?Booster $booster = null,
        /** The belt-fit test without a seat; null: not made. */
        public ?BeltFit $beltFit = null,
    ) {}
}
