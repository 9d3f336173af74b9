<?php

declare(strict_types=1);

namespace App\Visits;

use MintBuckle\Core\Recall\Folded;

/** A few names out of thousands: found by some letters, else those that were met today first. */
final readonly class Choices
{
    /** So many are seen at a glance on a phone. */
    private const MOST = 5;

    /** @param array<int, string> $titles by number */
    private function __construct(public array $titles, public string $words = '') {}

    /**
     * Those of the day first, the most often met before the others; then any, by name.
     *
     * @param array<int, string> $all by number, in order of their names
     * @param list<int> $met numbers
     */
    public static function recent(array $all, array $met): self
    {
        $first = [];
        foreach ($met as $id) {
            if (isset($all[$id])) {
                $first[$id] = $all[$id];
            }
        }

        return new self(array_slice($first + $all, 0, self::MOST, true));
    }

    /**
     * However they are written: "om220" finds OM-220.
     *
     * @param array<int, string> $all by number
     * @param array<int, string> $folded the same as names are compared
     */
    public static function found(array $all, array $folded, string $words): self
    {
        $whole = Folded::text($words);
        $found = array_filter($folded, Folded::search($words));
        // What begins so comes before what only has it somewhere.
        $begin = array_filter($found, static fn(string $title): bool => str_starts_with($title, $whole));

        return new self(array_slice(array_intersect_key($all, $begin) + array_intersect_key($all, $found), 0, self::MOST, true), $words);
    }
}
