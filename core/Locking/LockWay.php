<?php

declare(strict_types=1);

namespace MintBuckle\Core\Locking;

use MintBuckle\Core\Truth\Truth;

/** One way of fixing the length of a belt, judged for this place and seat. */
final readonly class LockWay
{
    /** A lock-off or a clamp door: the seat's own lock. */
    public const OWN = 'lockoff';

    /**
     * @param string $way lockoff, latch_plate, retractor or clip
     * @param list<string> $missing paths of facts that leave it open
     */
    public function __construct(public string $way, public Truth $works, public string $because, public array $missing = []) {}

    public function title(): string
    {
        return match ($this->way) {
            self::OWN => 'Lock-off or clamp door',
            'latch_plate' => 'Latch plate',
            'retractor' => 'Retractor',
            default => 'Locking clip',
        };
    }
}
