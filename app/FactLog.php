<?php

declare(strict_types=1);

namespace App;

use App\Models\Check;
use stdClass;

/**
 * A check's facts in the order in which they count: those found, then those left. One that was taken back, and the taking back, do
 * not count. Values are decoded afresh each time they are asked for.
 */
final readonly class FactLog
{
    /** @var array<string, list<LoggedFact>> */
    private array $byKey;

    /** @param list<LoggedFact> $entries */
    private function __construct(public array $entries)
    {
        $byKey = [];
        foreach ($entries as $entry) {
            $byKey[$entry->key][] = $entry;
        }
        $this->byKey = $byKey;
    }

    /** The facts of a track; what was left stands on what was found. */
    public static function of(Check $check, Track $upTo): self
    {
        $all = $check->logged();
        $undone = array_filter(array_column($all, 'undoes'));
        $entries = ['found' => [], 'left' => []];
        foreach ($all as $fact) {
            if ($fact->undoes === null && ! in_array($fact->id, $undone, true)) {
                $entries[$fact->track->value][] = $fact;
            }
        }

        return new self($upTo === Track::Found ? $entries['found'] : [...$entries['found'], ...$entries['left']]);
    }

    /** What was found of a fact that the left track has changed since; null where it has not. */
    public function foundBefore(string $key): mixed
    {
        $found = null;
        $left = null;
        foreach ($this->ofKey($key) as $entry) {
            if ($entry->track === Track::Found) {
                $found = $entry->json;
            } else {
                $left = $entry->json;
            }
        }

        return $found === null || $left === null || $found === $left ? null : self::decode($found);
    }

    /** The latest entry of a key. */
    public function latest(string $key): ?LoggedFact
    {
        $entries = $this->ofKey($key);

        return $entries === [] ? null : $entries[count($entries) - 1];
    }

    /** The last entry of a track: the one that can be taken back. A step of the card is unticked where it was ticked. */
    public function last(Track $track): ?LoggedFact
    {
        $own = array_values(array_filter($this->entries, static fn(LoggedFact $entry): bool => $entry->track === $track && Beside::ofKey($entry->key) !== Beside::Ticked));

        return $own === [] ? null : $own[count($own) - 1];
    }

    /** @return list<stdClass> every value a fact was given, oldest first */
    public function history(string $key): array
    {
        return array_values(array_filter(array_map(static fn(LoggedFact $e): mixed => $e->value(), $this->ofKey($key)), static fn(mixed $value): bool => $value instanceof stdClass));
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

    /** @return list<LoggedFact> */
    private function ofKey(string $key): array
    {
        return $this->byKey[$key] ?? [];
    }
}
