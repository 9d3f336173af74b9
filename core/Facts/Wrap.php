<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Finding\Station;

/** The strap round a bus seat back that holds a vest or an add-on. */
final readonly class Wrap
{
    public function __construct(
        /** Whether it is so tight that it dents the seat back; null: not looked at. */
        #[Asked(Station::Bus, 120), StaleWith(Look::Holding), Disturbs(Look::Movement)]
        #[GoodWhen('yes')]
        public ?bool $dents = null,
        /** Whether it is frayed or torn; null: not looked at. */
        #[Asked(Station::Bus, 130)]
        public ?bool $frayed = null,
        /** Who sits on the bench behind it; null: not looked at. */
        #[Asked(Station::Bus, 140)]
        public ?BehindWrap $behind = null,
    ) {}
}
