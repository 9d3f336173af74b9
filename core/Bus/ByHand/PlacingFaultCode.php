<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus\ByHand;

/** What may not be when a bus is seated by hand: the laws of the planner, one by one. */
enum PlacingFaultCode: string
{
    /** A rider who needs a restraint and has none. */
    case Needs = 'needs';
    /** A system that is not for this child. */
    case Unfit = 'unfit';
    /** More of a system than there are. */
    case Stock = 'stock';
    case Exit = 'exit';
    case Depth = 'depth';
    /** Nothing on the bench fixes the system. */
    case Fixing = 'fixing';
    /** A restraint that covers the bench's last place. */
    case Aisle = 'aisle';
    /** A restraint with somebody unrestrained, or nobody, between it and the window. */
    case Window = 'window';
    /** Two on one place. */
    case Shared = 'shared';
    case Beyond = 'beyond';
    /** Unrestrained and unbelted behind a wrap. */
    case Behind = 'behind';
    /** Rear-facing behind a place ahead that could hold it. */
    case Foremost = 'foremost';
}
