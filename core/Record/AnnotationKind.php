<?php

declare(strict_types=1);

namespace MintBuckle\Core\Record;

/**
 * What is kept in the same log beside the facts of the case: what the family declined, which steps of the card were done, what was
 * seen of a seat that would not hold and what was tried, what became of one that is no longer used.
 */
enum AnnotationKind: string
{
    case Declined = 'declined';
    case Ticked = 'ticked';
    case SentOff = 'sent_off';
    case Confirmed = 'confirmed';
    case Seen = 'seen';
    case Tried = 'tried';
    case Withdrawn = 'withdrawn';

    public static function ofKey(string $key): ?self
    {
        return self::tryFrom(strstr($key, '.', true) ?: '');
    }

    public function key(string $subject): string
    {
        return "{$this->value}.{$subject}";
    }
}
