<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Telling\Message;

/**
 * A vest put on, step by step: on the ground before boarding, then on the bench. Hips are tightened before shoulders, which would else
 * pull the lowest strap to the belly. Common practice of the trade; the vest's own manual comes first.
 */
enum VestStep: string
{
    case TellApart = 'tell_apart';
    case CoatOff = 'coat_off';
    case Closure = 'closure';
    case Crotch = 'crotch';
    case CoatOver = 'coat_over';
    case Sit = 'sit';
    case Hips = 'hips';
    case Shoulders = 'shoulders';
    case Ends = 'ends';

    public function isAboard(): bool
    {
        return in_array($this, [self::Sit, self::Hips, self::Shoulders, self::Ends], true);
    }

    /** What is done. */
    public function step(): Message
    {
        return new Message("vest.{$this->value}.step");
    }

    /** How one sees that it is right. */
    public function check(): Message
    {
        return new Message("vest.{$this->value}.check");
    }

    /** From 1. */
    public function number(): int
    {
        return (int) array_search($this, self::cases(), true) + 1;
    }

    public static function numbered(int $number): self
    {
        return self::cases()[max(1, min(count(self::cases()), $number)) - 1];
    }

    public function before(): ?self
    {
        return $this->number() === 1 ? null : self::numbered($this->number() - 1);
    }

    public function after(): ?self
    {
        return $this->number() === count(self::cases()) ? null : self::numbered($this->number() + 1);
    }
}
