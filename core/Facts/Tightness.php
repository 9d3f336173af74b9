<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Finding\Station;

/** A strap tightness test and its outcome. */
final readonly class Tightness
{
    public function __construct(
        /** Which test was done at the shoulder; null: not noted. */
        #[Asked(Station::Buckle, 90)]
        public ?TightnessTest $test = null,
        /** Whether it passed; null: not done. */
        #[Asked(Station::Buckle, 100), StaleWith(Look::Straps), Disturbs(Look::StrapPressure)]
        public ?bool $passes = null,
    ) {}
}
