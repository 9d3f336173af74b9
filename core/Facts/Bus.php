<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use Brick\Math\BigDecimal;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Mass;

/** A place on a school bus, and what keeps the child there. It stands in a case instead of a car. */
final readonly class Bus
{
    public function __construct(
        /** What bus and load may weigh together, told only; null: not known. */
        #[Within(0, 40000), Asked(Station::Bus, 320, AskedWhen::WhenNeeded)]
        public ?Mass $grossWeight = null,
        /** The bench. */
        public Bench $bench = new Bench(),
        /** What keeps the child; null: not chosen. */
        #[Asked(Station::Bus, 10), Disturbs(Look::Holding, Look::Movement, Look::Standing, Look::VestOn, Look::Vest, Look::VestFixing)]
        public ?BusSystem $system = null,
        /** Which place of the bench; null: not looked at. */
        #[Asked(Station::Bus, 50), Disturbs(Look::Holding, Look::Movement, Look::Standing)]
        public ?BenchPlace $place = null,
        /** Whether a restraint holds the window place of this bench; null: not known. */
        #[Asked(Station::Bus, 60)]
        public ?bool $windowRestrained = null,
        /**
         * What fixes it to the bench; an empty list: nothing; null: not looked at.
         *
         * @var list<BusFixing>|null
         */
        #[ListOf(BusFixing::class), Asked(Station::Bus, 70), Disturbs(Look::Holding, Look::Movement, Look::Recline, Look::VestFixing)]
        public ?array $heldBy = null,
        /** Whether a tether is hooked to the bench; null: not looked at. */
        #[Asked(Station::Bus, 150)]
        #[GoodWhen('no')]
        public ?bool $tetherUsed = null,
        /** How the seat meets the panel or bench ahead; null: not looked at. */
        #[Asked(Station::Bus, 160), StaleWith(Look::Standing)]
        #[GoodWhen('none')]
        public ?FrontContact $touchesFront = null,
        /** Share of its base that stands on the bench, 0 to 1; null: not looked at. */
        #[Within(0, 1), Asked(Station::Bus, 170, as: AnswerKind::Share), StaleWith(Look::Standing)]
        public ?BigDecimal $baseOnBench = null,
        /** Whether its maker wants the whole base on the bench; null: it does not say. */
        #[Asked(Station::Bus, 180)]
        public ?bool $wholeOnBenchRequired = null,
        /** The strap round the seat back. */
        public Wrap $wrap = new Wrap(),
        /** The vest on the child. */
        public Vest $vest = new Vest(),
        /** Whether back and bottom are off the bench, or off the seat; null: not looked at. */
        #[Asked(Station::Bus, 300)]
        #[GoodWhen('no')]
        public ?bool $slouch = null,
        /** Whether all of it was gone through before this trip; null: not said. */
        #[Asked(Station::Bus, 310)]
        public ?bool $checkedThisTrip = null,
    ) {}
}
