<?php

declare(strict_types=1);

namespace MintBuckle\Core\Recall;

/**
 * Which known names come near one that was typed: contained in it or containing it, else by the share of letter triples that both
 * have (Jaccard index of trigrams over folded names). Common practice of searching.
 */
final readonly class NearNames
{
    /** Below this share of common triples two names are not alike. */
    private const LEAST = 0.3;

    private const MOST = 5;

    /**
     * @param iterable<string> $names
     * @return list<string> nearest first
     */
    public static function of(string $typed, iterable $names): array
    {
        $near = [];
        foreach ($names as $name) {
            $likeness = self::likeness(Folded::text($typed), Folded::text($name));
            if ($likeness >= self::LEAST) {
                $near[$name] = $likeness;
            }
        }
        arsort($near);

        return array_slice(array_map(strval(...), array_keys($near)), 0, self::MOST);
    }

    /** 0 to 1 by the share of common triples, 1 to 2 for names that contain one another. */
    private static function likeness(string $one, string $other): float
    {
        $shorter = min(mb_strlen($one), mb_strlen($other));
        if ($shorter >= 2 && (str_contains($one, $other) || str_contains($other, $one))) {
            return 1.0 + $shorter / max(mb_strlen($one), mb_strlen($other));
        }
        [$ours, $theirs] = [self::triples($one), self::triples($other)];

        return count(array_intersect($ours, $theirs)) / count(array_unique([...$ours, ...$theirs]));
    }

    /** @return list<string> */
    private static function triples(string $name): array
    {
        $padded = "  {$name} ";
        $triples = [];
        for ($i = 0, $last = mb_strlen($padded) - 3; $i <= $last; $i++) {
            $triples[] = mb_substr($padded, $i, 3);
        }

        return array_values(array_unique($triples));
    }
}
