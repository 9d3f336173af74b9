<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Finding\Source;

/** What a car's model year lets one expect: never a fact, always to be looked at. Published rules; the years are from memory. */
final readonly class YearPromise
{
    /** First model year => what to expect, and whence. */
    private const FROM = [
        1996 => ['Belts that can lock a child seat without a clip (made from 1 September 1995).', '49 CFR 571.208 S7.1.1.5'],
        2001 => ['Tether anchors for the back seats; from 2000 in most cars.', '49 CFR 571.225'],
        2003 => ['Lower anchors in two rear places.', '49 CFR 571.225'],
        2008 => ['A lap-shoulder belt in the rear middle.', '49 CFR 571.208'],
    ];

    private function __construct(public bool $expected, public string $words, public Source $source) {}

    /** @return list<self> each thing, and whether this year promises it */
    public static function of(int $modelYear): array
    {
        return array_map(static fn(int $from, array $row): self => new self($modelYear >= $from, $row[0], Source::memory($row[1])), array_keys(self::FROM), self::FROM);
    }
}
