<?php

declare(strict_types=1);

namespace MintBuckle\Core\Record;

use MintBuckle\Core\Telling\Message;

/** The two records of a check: as the seat arrived before anyone touched it, and as it leaves. */
enum InspectionPhase: string
{
    case Found = 'found';
    case Left = 'left';

    public function title(): Message
    {
        return new Message("phases.{$this->value}");
    }

    public function other(): self
    {
        return match ($this) {
            self::Found => self::Left,
            self::Left => self::Found,
        };
    }
}
