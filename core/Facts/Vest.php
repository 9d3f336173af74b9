<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Finding\Station;

/** A vest on the child, and how it is fixed to the bench. */
final readonly class Vest
{
    public function __construct(
        /** Whether it is the size nearest the child's; null: not looked at. */
        #[Asked(Station::Bus, 200), StaleWith(Look::VestOn), Disturbs(Look::Vest, Look::VestFixing)]
        #[GoodWhen('yes')]
        public ?bool $sizeNearest = null,
        /** Whether front is front and the closure behind; null: not looked at. */
        #[Asked(Station::Bus, 210), StaleWith(Look::VestOn), Disturbs(Look::Vest, Look::VestFixing)]
        #[GoodWhen('yes')]
        public ?bool $frontRight = null,
        /** Whether it is worn over a coat; null: not looked at. */
        #[Asked(Station::Bus, 220), StaleWith(Look::VestOn), Disturbs(Look::Vest, Look::VestFixing)]
        #[GoodWhen('no')]
        public ?bool $overCoat = null,
        /** How the crotch strap is drawn; null: not looked at. */
        #[Asked(Station::Bus, 230), StaleWith(Look::Vest)]
        #[GoodWhen('snug')]
        public ?VestCrotch $crotch = null,
        /** Where the lowest strap lies; null: not looked at. */
        #[Asked(Station::Bus, 240), StaleWith(Look::Vest, Look::VestFixing)]
        #[GoodWhen('hips')]
        public ?LowestStrap $lowestStrap = null,
        /** Whether a strap that runs across lies near the neck; null: not looked at. */
        #[Asked(Station::Bus, 250), StaleWith(Look::Vest, Look::VestFixing)]
        #[GoodWhen('no')]
        public ?bool $strapNearNeck = null,
        /** Whether both hips are fixed; null: not looked at. */
        #[Asked(Station::Bus, 260), StaleWith(Look::VestFixing)]
        #[GoodWhen('yes')]
        public ?bool $fixedHips = null,
        /** Whether both shoulders are fixed; null: not looked at. */
        #[Asked(Station::Bus, 270), StaleWith(Look::VestFixing)]
        #[GoodWhen('yes')]
        public ?bool $fixedShoulders = null,
        /** From where the top straps come, against the shoulder; null: not looked at. */
        #[Asked(Station::Bus, 280), StaleWith(Look::VestFixing)]
        #[GoodWhen('above')]
        public ?TopStraps $topFrom = null,
        /** Whether every loose end is threaded back; null: not looked at. */
        #[Asked(Station::Bus, 290), StaleWith(Look::VestFixing)]
        #[GoodWhen('yes')]
        public ?bool $rethreaded = null,
    ) {}
}
