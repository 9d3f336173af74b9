<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\AnswersFrom;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\OfRide;
use MintBuckle\Core\Facts\Definition\Ride;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Length;

/** The child in the harness. strapOffset is the strap above (+) or below (-) the shoulder. */
#[OfRide(Ride::Harness)]
final readonly class Harness
{
    public function __construct(
        /** Whether the tongues are clicked in; null: not looked at. */
        #[Asked(Station::Buckle, 10), Disturbs(Look::Straps)]
        #[GoodWhen('yes')]
        public ?bool $buckled = null,
        /** The slot the straps come from, 1 is the lowest; null: not looked at. */
        #[Within(1, 1000), Asked(Station::Buckle, 20, as: AnswerKind::Choice, from: AnswersFrom::Slots), StaleWith(Look::WayOfRiding)]
        #[Disturbs(Look::Straps, Look::StrapHeight)]
        public ?int $slot = null,
        /** Where the strap leaves the seat, by eye; null: not looked at. */
        #[Asked(Station::Buckle, 30), StaleWith(Look::StrapHeight)]
        public ?StrapSeen $strap = null,
        /** The strap above (+) or below (-) the shoulder; null: not measured. */
        #[Within(-500, 500), Asked(Station::Buckle, 40), StaleWith(Look::StrapHeight)]
        public ?Length $strapOffset = null,
        /** The test of its tightness. */
        public Tightness $tightness = new Tightness(),
        /** Whether it is snug at the hips; null: not looked at. */
        #[Asked(Station::Buckle, 240), Disturbs(Look::Straps)]
        #[GoodWhen('yes')]
        public ?bool $hipsSnug = null,
        /** Whether it presses into the skin; null: not looked at. */
        #[Asked(Station::Buckle, 170), StaleWith(Look::Straps, Look::StrapPressure)]
        #[GoodWhen('no')]
        public ?bool $tooTight = null,
        /** Whether a strap is twisted; null: not looked at. */
        #[Asked(Station::Buckle, 180), Disturbs(Look::Straps)]
        #[GoodWhen('no')]
        public ?bool $twisted = null,
        /** Where the chest clip is; null: not looked at. */
        #[Asked(Station::Buckle, 120), StaleWith(Look::Straps)]
        #[GoodWhen('armpit')]
        public ?ClipPlace $clip = null,
        /** The crotch strap as it is. */
        public Crotch $crotch = new Crotch(),
        /** Whether bottom or back are away from the seat; null: not looked at. */
        #[Asked(Station::Buckle, 190), Disturbs(Look::Straps)]
        #[GoodWhen('no')]
        public ?bool $slouch = null,
        /** Whether a bulky coat is under it; null: not looked at. */
        #[Asked(Station::Buckle, 200), Disturbs(Look::Straps)]
        #[GoodWhen('no')]
        public ?bool $coat = null,
        /** Whether anything not supplied is behind or beneath the child; null: not looked at. */
        #[Asked(Station::Buckle, 210), Disturbs(Look::Straps)]
        #[GoodWhen('no')]
        public ?bool $padding = null,
        /** Whether the head support is just above the shoulders; null: not looked at. */
        #[Asked(Station::Buckle, 230)]
        #[GoodWhen('yes')]
        public ?bool $headSupportOk = null,
        /** Whether the free end of the strap lies loose; null: not looked at. */
        #[Asked(Station::Buckle, 250)]
        #[GoodWhen('no')]
        public ?bool $tailLoose = null,
        /** Which insert is in the seat, by its name; null: none is known to be. */
        #[Asked(Station::Buckle, 220, as: AnswerKind::Choice, from: AnswersFrom::Inserts), Disturbs(Look::Straps)]
        public ?string $insert = null,
    ) {}
}
