<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;

/** What a car's model year lets one expect: never a fact, always to be looked at. Published rules; the years are from memory. */
final readonly class YearPromise
{
    /** First model year => what to expect, and whence. */
    private const FROM = [
        1996 => ['Belts that can lock a child seat without a clip (made from 1 September 1995).', Source::LockableBelts],
        2001 => ['Tether anchors for the back seats; from 2000 in most cars.', Source::Anchorages],
        2003 => ['Lower anchors in two rear places.', Source::Anchorages],
        2008 => ['A lap-shoulder belt in the rear middle.', Source::OccupantProtection],
    ];

    private function __construct(public bool $expected, public string $words, public Citation $source) {}

    /** @return list<self> each thing, and whether this year promises it */
    public static function of(int $modelYear): array
    {
        return array_map(
            static fn(int $from, array $row): self => new self($modelYear >= $from, $row[0], $row[1]->cite()),
            array_keys(self::FROM),
            self::FROM,
        );
    }
}
