<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus\ByHand;

use MintBuckle\Core\Bus\BusBench;
use MintBuckle\Core\Bus\BusSeat;
use MintBuckle\Core\Telling\Message;

/** A law that somebody's seat breaks. */
final readonly class PlacingFault
{
    /** @param BusBench|null $ahead where it should stand instead */
    public function __construct(
        public PlacingFaultCode $code,
        public string $rider,
        public BusSeat $seat,
        private ?BusBench $ahead = null,
    ) {}

    public function told(): Message
    {
        return new Message("bus.fault.{$this->code->value}", [
            'who' => $this->rider,
            'row' => $this->ahead->row ?? $this->seat->bench->row,
            'side' => $this->ahead->side ?? $this->seat->bench->side,
            'system' => (string) $this->seat->system,
        ]);
    }
}
