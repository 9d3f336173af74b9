<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Telling\Message;

/** The best plans, or what to put right where there is none. */
final readonly class BusAnswer
{
    /**
     * @param list<BusPlan> $plans best first
     * @param bool $isExact whether no plan can be better than the first
     * @param list<BusObstacle>|null $impossible null where there is a plan
     * @param Message|null $cut what was not looked at; null where all was
     */
    public function __construct(public array $plans, public bool $isExact, public ?array $impossible, public ?Message $cut = null) {}
}
