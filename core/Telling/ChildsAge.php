<?php

declare(strict_types=1);

namespace MintBuckle\Core\Telling;

use MintBuckle\Core\Quantity\Months;

/** An age told as people tell it: in months while small, in years and months later. */
final readonly class ChildsAge
{
    public function __construct(public Months $age) {}
}
