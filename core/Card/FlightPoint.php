<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/** One of the points that decide whether a seat may fly: how it stands, in words, and what stands behind it. */
final readonly class FlightPoint
{
    /** @param list<string> $missing paths of the facts that would decide it */
    public function __construct(public Truth $holds, public Message $told, public Citation $source, public array $missing = []) {}
}
