<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use stdClass;

/**
 * Cushions and zones of an indicator as they are typed: entries parted by semicolons, each "NAME [from A] [to B]", then after commas
 * further ranges and, for a zone, "sits". An amount in months or years is an age, any other a weight.
 */
final readonly class RangeText
{
    /** Named groups from and to. */
    public const RANGE = '(?:from\s+(?<from>\d[^,;]*?))?\s*(?:\bto\s+(?<to>\d[^,;]*?))?';

    public const SITS = 'sits';

    public const NEED_NOT_SIT = 'need not sit';

    /** @return list<array<string, mixed>>|null null when it cannot be read */
    public static function inserts(string $text): ?array
    {
        $inserts = self::entries($text);
        foreach ($inserts ?? [] as $insert) {
            if (array_diff(array_keys($insert), ['name', 'weight_min', 'weight_max']) !== []) {
                return null;
            }
        }

        return $inserts;
    }

    /** @return list<array<string, mixed>>|null null when it cannot be read */
    public static function zones(string $text): ?array
    {
        return self::entries($text);
    }

    /**
     * The other way; null where something stands there that this cannot write, as a figure that depends on the make date.
     *
     * @param array<array-key, mixed> $list
     */
    public static function show(array $list): ?string
    {
        $shown = array_map(static fn(mixed $one): ?string => $one instanceof stdClass ? self::showEntry($one) : null, $list);

        return in_array(null, $shown, true) ? null : implode('; ', $shown);
    }

    /** @return list<array<string, mixed>>|null */
    private static function entries(string $text): ?array
    {
        $entries = [];
        foreach (explode(';', $text) as $part) {
            $entry = self::entry(array_map(trim(...), explode(',', $part)));
            if ($entry === null) {
                return null;
            }
            $entries[] = $entry;
        }

        return $entries;
    }

    /**
     * @param non-empty-list<string> $parts
     * @return array<string, mixed>|null
     */
    private static function entry(array $parts): ?array
    {
        if (preg_match('/\A(?<name>.+?)(?:\s+(?<rest>(?:from|to)\s+\d.*))?\z/', $parts[0], $m) !== 1) {
            return null;
        }
        $entry = ['name' => $m['name']];
        foreach ([...(isset($m['rest']) ? [$m['rest']] : []), ...array_slice($parts, 1)] as $part) {
            $more = match ($part) {
                self::SITS => ['needs_sitting' => true],
                self::NEED_NOT_SIT => ['needs_sitting' => false],
                default => self::range($part),
            };
            if ($more === null || array_intersect_key($entry, $more) !== []) {
                return null;
            }
            $entry += $more;
        }

        return $entry;
    }

    /** @return array<string, mixed>|null */
    private static function range(string $text): ?array
    {
        if (preg_match('/\A' . self::RANGE . '\z/', $text, $m, PREG_UNMATCHED_AS_NULL) !== 1 || ($m['from'] ?? $m['to']) === null) {
            return null;
        }
        $isAge = preg_match('/\b(?:month|year)s?\z/', $m['from'] ?? (string) $m['to']) === 1;
        $range = [];
        foreach (['min' => $m['from'], 'max' => $m['to']] as $end => $amount) {
            $limit = $amount === null ? null : LimitText::parse($amount, $isAge ? LimitText::AGE : LimitText::MASS);
            if ($amount !== null && ($limit === null || (is_array($limit) && array_is_list($limit)))) {
                return null;
            }
            $range += $limit === null ? [] : [$isAge ? "age_{$end}_months" : "weight_{$end}" => $limit];
        }

        return $range;
    }

    private static function showEntry(stdClass $entry): ?string
    {
        $said = array_filter(get_object_vars($entry), static fn(mixed $value): bool => $value !== null);
        $name = $said['name'] ?? null;
        if (! is_string($name) || preg_match('/[;,]/', $name) === 1) {
            return null;
        }
        $parts = [];
        foreach ([['age_min_months', 'age_max_months'], ['weight_min', 'weight_max']] as [$least, $most]) {
            foreach ([$least => 'from', $most => 'to'] as $key => $word) {
                if (isset($said[$key])) {
                    $amount = LimitText::show($said[$key]);
                    if ($amount === null || preg_match('/;|with|made/', $amount) === 1) {
                        return null;
                    }
                    $parts[$least][] = "{$word} {$amount}";
                }
            }
        }
        $ranges = array_map(static fn(array $range): string => implode(' ', $range), array_values($parts));
        $sits = match ($said['needs_sitting'] ?? null) {
            true => [self::SITS],
            false => [self::NEED_NOT_SIT],
            default => [],
        };
        $first = trim("{$name} " . array_shift($ranges));

        return implode(', ', [$first, ...$ranges, ...$sits]);
    }
}
