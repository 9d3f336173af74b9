<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use MintBuckle\Core\Telling\Message;

/** A part of a check, in the order it is worked. */
enum Station: string
{
    case Label = 'label';
    case History = 'history';
    case Child = 'child';
    case Place = 'place';
    case Secure = 'secure';
    case Measure = 'measure';
    case Buckle = 'buckle';
    case Handover = 'handover';

    /** 1 to 8; also the key that opens it. */
    public function number(): int
    {
        return array_search($this, self::cases(), true) + 1;
    }

    /** The station before this one; null at the first. */
    public function before(): ?self
    {
        return self::cases()[$this->number() - 2] ?? null;
    }

    /** The station after this one; null at the last. */
    public function after(): ?self
    {
        return self::cases()[$this->number()] ?? null;
    }

    public function title(): Message
    {
        return new Message("stations.{$this->value}.title");
    }

    /** What the technician does here, in one line. */
    public function task(): Message
    {
        return new Message("stations.{$this->value}.task");
    }
}
