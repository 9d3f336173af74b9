<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Telling\Message;

/** What stands in the way of every plan. */
final readonly class BusObstacle
{
    /**
     * @param string $constraint what to give up: a case of Relaxed; stock where nothing in it fits somebody; several at once; size where
     *                           not all was looked at
     */
    public function __construct(public string $constraint, public Message $words) {}
}
