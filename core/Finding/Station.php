<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

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

    public function title(): string
    {
        return match ($this) {
            self::Label => 'Label',
            self::History => 'History',
            self::Child => 'Child',
            self::Place => 'Place',
            self::Secure => 'Secure',
            self::Measure => 'Measure',
            self::Buckle => 'Buckle',
            self::Handover => 'Hand over',
        };
    }

    /** What the technician does here, in one line. */
    public function task(): string
    {
        return match ($this) {
            self::Label => 'Read who made it, when, and until when it may be used.',
            self::History => 'Ask about crashes; look for damage, missing parts and extras.',
            self::Child => 'Weigh, measure and see which way of riding fits.',
            self::Place => 'Look at the place in the car before the seat.',
            self::Secure => 'See what holds the seat and how its length is fixed.',
            self::Measure => 'Try it at the belt path, with your weaker hand.',
            self::Buckle => 'Look at the buckled child from the front.',
            self::Handover => 'The family does it once themselves and shows it back.',
        };
    }
}
