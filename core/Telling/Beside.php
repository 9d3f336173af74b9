<?php

declare(strict_types=1);

namespace MintBuckle\Core\Telling;

use MintBuckle\Core\Quantity\Quantity;

/** A measured quantity held against a limit: where rounding would make the two look alike, it is told as just over or just under. */
final readonly class Beside
{
    public function __construct(public Quantity $measured, public Quantity $limit) {}
}
