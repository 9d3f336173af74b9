<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Telling\Message;

/** What a car's model year lets one expect: never a fact, always to be looked at. Published rules; the years are from memory. */
final readonly class YearPromise
{
    /** First model year that promises it => whence. */
    private const FROM = [
        1996 => Source::LockableBelts,
        2001 => Source::Anchorages,
        2003 => Source::Anchorages,
        2008 => Source::OccupantProtection,
    ];

    private function __construct(private int $from, public bool $expected, public Citation $source) {}

    /** @return list<self> each thing, and whether this year promises it */
    public static function of(int $modelYear): array
    {
        return array_map(
            static fn(int $from, Source $source): self => new self($from, $modelYear >= $from, $source->cite()),
            array_keys(self::FROM),
            self::FROM,
        );
    }

    /** What is to be expected, inside a sentence. */
    public function told(): Message
    {
        return new Message("visits.car.years.{$this->from}");
    }
}
