<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use MintBuckle\Core\Telling\Message;

/** How much a finding weighs, worst first. */
enum Severity: string
{
    /** The seat or the place cannot be made right by adjustment today; the child does not ride in it. */
    case Stop = 'stop';
    /** Must be put right before the car leaves. */
    case Fix = 'fix';
    /** A fact is missing, so nothing can be promised. */
    case Ask = 'ask';
    /** Safe as it stands; better practice exists or the family should be told. */
    case Advise = 'advise';

    /** 0 is worst. */
    public function rank(): int
    {
        return match ($this) {
            self::Stop => 0,
            self::Fix => 1,
            self::Ask => 2,
            self::Advise => 3,
        };
    }

    /** What a finding of this weight does to the verdict by itself; its mark is the verdict's. */
    public function verdict(): Verdict
    {
        return match ($this) {
            self::Stop => Verdict::DoNotUse,
            self::Fix => Verdict::FixFirst,
            self::Ask => Verdict::NotFinished,
            self::Advise => Verdict::GoodToRide,
        };
    }

    public function title(): Message
    {
        return new Message("severities.{$this->value}");
    }

    /** Whether it is an error: something that stops the ride, or has to be put right before it. */
    public function isError(): bool
    {
        return $this->rank() <= self::Fix->rank();
    }
}
