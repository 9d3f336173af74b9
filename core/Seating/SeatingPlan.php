<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Telling\Message;

/** One assignment that breaks no rule. */
final readonly class SeatingPlan
{
    /**
     * @param array<string, string> $places rider => place
     * @param array<string, HeldBy|null> $heldBy rider => what is to hold its seat
     * @param int $advise how much is only advised against
     * @param list<Message> $why
     */
    public function __construct(public array $places, public array $heldBy, public int $advise, public array $why) {}
}
