<?php

declare(strict_types=1);

namespace MintBuckle\Core\Quantity;

use Brick\Math\BigDecimal;
use UnitEnum;

/** A unit of one dimension. Its factor turns a number of these units into the dimension's base unit (mm, kg, degree, month), exactly. */
interface Unit extends UnitEnum
{
    public function factor(): BigDecimal;

    /** The sign used in case files and on screen. */
    public function symbol(): string;
}
