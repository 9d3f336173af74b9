<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\OfRide;
use MintBuckle\Core\Facts\Definition\Ride;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Finding\Station;

/** The child in the booster, under the vehicle belt. */
#[OfRide(Ride::Booster)]
final readonly class Booster
{
    public function __construct(
        /** Where the lap part lies; null: not looked at. */
        #[Asked(Station::Buckle, 260), StaleWith(Look::BeltOverChild, Look::LapPart)]
        #[GoodWhen('thighs')]
        public ?LapPart $lap = null,
        /** Where the shoulder part lies; null: not looked at. */
        #[Asked(Station::Buckle, 270), StaleWith(Look::BeltOverChild, Look::ShoulderPart)]
        #[GoodWhen('mid_chest')]
        public ?ShoulderPart $shoulder = null,
        /** Whether the shoulder part is under the arm or behind the back; null: not looked at. */
        #[Asked(Station::Buckle, 280), StaleWith(Look::BeltOverChild), Disturbs(Look::LapPart, Look::ShoulderPart)]
        #[GoodWhen('no')]
        public ?bool $underArm = null,
        /** Whether the belt runs through its guides; null: not looked at. */
        #[Asked(Station::Buckle, 290), StaleWith(Look::BeltOverChild), Disturbs(Look::LapPart, Look::ShoulderPart)]
        #[GoodWhen('yes')]
        public ?bool $guidesOk = null,
        /** Whether the head part is raised so that its guide is at the shoulder; null: not looked at. */
        #[Asked(Station::Buckle, 330), Disturbs(Look::ShoulderPart, Look::Ears)]
        #[GoodWhen('yes')]
        public ?bool $headSupportOk = null,
        /** Whether the ears are above the top of the back or head restraint; null: not looked at. */
        #[Asked(Station::Buckle, 340), StaleWith(Look::Ears)]
        #[GoodWhen('no')]
        public ?bool $earsAbove = null,
        /** Whether the belt is locked over the child; null: not looked at. */
        #[Asked(Station::Buckle, 350)]
        #[GoodWhen('no')]
        public ?bool $beltLocked = null,
        /** Whether bottom or back are away from the back; null: not looked at. */
        #[Asked(Station::Buckle, 310), Disturbs(Look::BeltOverChild)]
        #[GoodWhen('no')]
        public ?bool $slouch = null,
        /** Whether the shoulder part hangs loose; null: not looked at. */
        #[Asked(Station::Buckle, 320)]
        #[GoodWhen('no')]
        public ?bool $slack = null,
        /**
         * Guides that the belt does not run through.
         *
         * @var list<BeltGuide>
         */
        #[ListOf(BeltGuide::class), Asked(Station::Buckle, 300)]
        public array $guidesMissed = [],
    ) {}
}
