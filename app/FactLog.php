<?php

declare(strict_types=1);

namespace App;

use App\Models\Check;
use App\Models\Fact;
use stdClass;

/** A check's facts in the order in which they count: those found, then those left. Values are decoded afresh each time they are asked for. */
final readonly class FactLog
{
    /** @param list<array{track: Track, key: string, json: string}> $entries */
    private function __construct(public array $entries) {}

    /** The facts of a track; what was left stands on what was found. */
    public static function of(Check $check, Track $upTo): self
    {
        $entries = ['found' => [], 'left' => []];
        foreach ($check->facts as $fact) {
            $track = self::raw($fact, 'track');
            $entries[$track][] = ['track' => Track::from($track), 'key' => self::raw($fact, 'key'), 'json' => self::raw($fact, 'value')];
        }

        return new self($upTo === Track::Found ? $entries['found'] : [...$entries['found'], ...$entries['left']]);
    }

    /** What was found of a fact that the left track has changed since; null where it has not. */
    public function foundBefore(string $key): mixed
    {
        $found = null;
        $left = null;
        foreach ($this->entries as $entry) {
            if ($entry['key'] === $key && $entry['track'] === Track::Found) {
                $found = $entry['json'];
            } elseif ($entry['key'] === $key) {
                $left = $entry['json'];
            }
        }

        return $found === null || $left === null || $found === $left ? null : self::decode($found);
    }

    /** @return list<stdClass> every value a fact was given, oldest first */
    public function history(string $key): array
    {
        $values = array_map(static fn(array $entry): mixed => $entry['key'] === $key ? self::decode($entry['json']) : null, $this->entries);

        return array_values(array_filter($values, static fn(mixed $value): bool => $value instanceof stdClass));
    }

    /** A value as it will be read back once it is kept. */
    public static function asKept(mixed $value): mixed
    {
        return self::decode(json_encode($value, JSON_THROW_ON_ERROR));
    }

    public static function decode(string $json): mixed
    {
        return json_decode($json, false, 32, JSON_THROW_ON_ERROR);
    }

    /** As the database gave it: casts would cost more than everything else on the page. */
    private static function raw(Fact $fact, string $column): string
    {
        $value = $fact->getRawOriginal($column);

        return is_string($value) ? $value : 'null';
    }
}
