<?php

declare(strict_types=1);

namespace MintBuckle\Core\Locking;

use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/** One way of fixing the length of a belt, judged for this place and seat. */
final readonly class LockWay
{
    /** A lock-off or a clamp door: the seat's own lock. */
    public const OWN = 'lockoff';

    /**
     * @param string $way lockoff, latch_plate, retractor or clip
     * @param string $why key of the reason
     * @param list<string> $missing paths of facts that leave it open
     */
    public function __construct(public string $way, public Truth $works, private string $why, public array $missing = []) {}

    public function title(): Message
    {
        return new Message("locking.ways.{$this->way}");
    }

    /** Why it works, why not, or what would tell. */
    public function because(): Message
    {
        return new Message("locking.because.{$this->why}");
    }
}
