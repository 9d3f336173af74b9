<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/**
 * What stands in the way of every plan: a rule, or a wish to keep somebody where they are. Rules are not waived; what they speak of is put
 * right.
 */
final readonly class Obstacle
{
    /** @param string $constraint a finding's code, keep, or riders: more of them than places */
    public function __construct(public string $constraint, public Message|Listing $words) {}
}
