<?php

declare(strict_types=1);

namespace MintBuckle\Core\Locking;

use MintBuckle\Core\Facts\LatchPlate;
use MintBuckle\Core\Facts\Retractor;
use MintBuckle\Core\Telling\Message;

/** One answer of the tree, and what it leads to. */
final readonly class BeltAnswer
{
    /** @param Retractor|LatchPlate|string|null $leadsTo hardware, the next question's name, or null: see the vehicle's manual */
    public function __construct(public Message $answer, public Retractor|LatchPlate|string|null $leadsTo) {}

    public static function yes(Retractor|LatchPlate|string|null $leadsTo): self
    {
        return new self(new Message('answers.yes'), $leadsTo);
    }

    public static function no(Retractor|LatchPlate|string|null $leadsTo): self
    {
        return new self(new Message('answers.no'), $leadsTo);
    }

    /** An answer in words of its question's own. */
    public static function other(string $key, Retractor|LatchPlate|string|null $leadsTo): self
    {
        return new self(new Message("locking.tree.{$key}"), $leadsTo);
    }
}
