<?php

declare(strict_types=1);

namespace MintBuckle\Core\Record;

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

    /**
     * The facts of a phase; what was left stands on what was found.
     *
     * @param list<LoggedFact> $all in the order in which they came
     */
    public static function of(array $all, InspectionPhase $upTo): self
    {
        $undone = array_filter(array_column($all, 'undoes'));
        $entries = ['found' => [], 'left' => []];
        foreach ($all as $fact) {
            if ($fact->undoes === null && ! in_array($fact->id, $undone, true)) {
                $entries[$fact->phase->value][] = $fact;
            }
        }

        return new self($upTo === InspectionPhase::Found ? $entries['found'] : [...$entries['found'], ...$entries['left']]);
    }

    /** What was found of a fact that the left phase has changed since; null where it has not. */
    public function foundBefore(string $key): mixed
    {
        $found = null;
        $left = null;
        foreach ($this->ofKey($key) as $entry) {
            if ($entry->phase === InspectionPhase::Found) {
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

    /** The last entry of a phase: the one that can be taken back. A step of the card is unticked where it was ticked. */
    public function last(InspectionPhase $phase): ?LoggedFact
    {
        $own = array_values(array_filter(
            $this->entries,
            static fn(LoggedFact $entry): bool => $entry->phase === $phase && AnnotationKind::ofKey($entry->key) !== AnnotationKind::Ticked,
        ));

        return $own === [] ? null : $own[count($own) - 1];
    }

    /** @return list<LoggedFact> every known value that these facts were given, in the order in which they came */
    public function given(string ...$keys): array
    {
        return array_values(array_filter(
            $this->entries,
            static fn(LoggedFact $entry): bool => in_array($entry->key, $keys, true) && $entry->json !== 'null',
        ));
    }

    /** @return list<LoggedFact> what is noted of a kind beside the facts, in the order in which it came */
    public function noted(AnnotationKind $kind): array
    {
        return array_values(array_filter(
            $this->entries,
            static fn(LoggedFact $entry): bool => AnnotationKind::ofKey($entry->key) === $kind && $entry->json !== 'null',
        ));
    }

    /** @return list<stdClass> every value a fact was given, oldest first */
    public function history(string $key): array
    {
        return array_values(array_filter(
            array_map(static fn(LoggedFact $e): mixed => $e->value(), $this->ofKey($key)),
            static fn(mixed $value): bool => $value instanceof stdClass,
        ));
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
