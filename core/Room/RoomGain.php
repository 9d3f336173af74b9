<?php

declare(strict_types=1);

namespace MintBuckle\Core\Room;

use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Telling\Message;

/** One way of gaining room to the vehicle seat ahead. */
final readonly class RoomGain
{
    public function __construct(public string $way, public Length $gain) {}

    public function how(): Message
    {
        return new Message("room.{$this->way}");
    }
}
