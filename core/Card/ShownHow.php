<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

/** How a person did a step of the card: with their own hands alone, with help, or not yet so that it stays. */
enum ShownHow: string
{
    case Alone = 'alone';
    case WithHelp = 'help';
    case Again = 'again';

    /** What the log keeps of a step: yes, from before it was told how, is alone. */
    public static function of(mixed $kept): ?self
    {
        return $kept === true ? self::Alone : self::tryFrom(is_string($kept) ? $kept : '');
    }
}
