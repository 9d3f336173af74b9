<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\OfRide;
use MintBuckle\Core\Facts\Definition\Ride;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Finding\Station;

/** The top tether as it is. */
#[OfRide(Ride::Harness)]
final readonly class Tether
{
    public function __construct(
        /** Whether it is hooked on; null: not looked at. */
        #[Asked(Station::Measure, 230), StaleWith(Look::Tether), Disturbs(Look::Movement, Look::Recline, Look::TetherPull)]
        public ?bool $used = null,
        /** Whether it is on a real tether anchor; null: not looked at. */
        #[Asked(Station::Secure, 280), StaleWith(Look::Tether)]
        #[GoodWhen('yes')]
        public ?bool $anchorDesignated = null,
        /** Whether its hook is the way up its maker shows; null: not looked at. */
        #[Asked(Station::Secure, 290)]
        #[GoodWhen('yes')]
        public ?bool $hookRightWayUp = null,
        /** Whether it is slack; null: not looked at. */
        #[Asked(Station::Measure, 240), StaleWith(Look::Tether, Look::TetherPull), Disturbs(Look::Movement, Look::Recline)]
        #[GoodWhen('no')]
        public ?bool $slack = null,
        /** Whether it is drawn so hard that the seat shifts; null: not looked at. */
        #[Asked(Station::Measure, 250), StaleWith(Look::Tether, Look::TetherPull), Disturbs(Look::Movement, Look::Recline)]
        #[GoodWhen('no')]
        public ?bool $overtight = null,
        /** Whether it is twisted; null: not looked at. */
        #[Asked(Station::Measure, 260)]
        #[GoodWhen('no')]
        public ?bool $twisted = null,
        /** Whether it runs as the vehicle shows; null: not looked at. */
        #[Asked(Station::Measure, 270), StaleWith(Look::Tether, Look::TetherPull)]
        #[GoodWhen('yes')]
        public ?bool $routed = null,
    ) {}
}
