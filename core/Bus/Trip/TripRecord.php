<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus\Trip;

use MintBuckle\Core\Finding\Code;

/** A list with what was seen so far: what is open, what was found, and whether the bus may set off. */
final readonly class TripRecord
{
    /** @var array<string, TripMark> the one that counts, by line */
    public array $marks;

    /**
     * @param list<TripItem> $items
     * @param list<TripMark> $all in the order in which they were made
     */
    public function __construct(public array $items, private array $all)
    {
        $known = array_map(static fn(TripItem $item): string => $item->key, $items);
        $counting = [];
        foreach ($all as $mark) {
            $counting[$mark->item] = $mark;
        }
        $this->marks = array_intersect_key($counting, array_flip($known));
    }

    public function of(TripItem $item): ?TripMark
    {
        return $this->marks[$item->key] ?? null;
    }

    /** @return list<TripItem> those nobody has looked at */
    public function open(): array
    {
        return array_values(array_filter($this->items, fn(TripItem $item): bool => $this->of($item) === null));
    }

    /** @return list<TripItem> those where something was found, put right or not */
    public function found(): array
    {
        return array_values(array_filter(
            $this->items,
            fn(TripItem $item): bool => ($this->of($item)->outcome ?? TripOutcome::Right) !== TripOutcome::Right,
        ));
    }

    /** @return list<array{TripItem, TripMark}> every fault that anybody noted, also one that was looked at again later */
    public function everFound(): array
    {
        $found = [];
        foreach ($this->all as $mark) {
            foreach ($this->items as $item) {
                if ($item->key === $mark->item && $mark->outcome !== TripOutcome::Right) {
                    $found[] = [$item, $mark];
                }
            }
        }

        return $found;
    }

    /**
     * What was found at one bench on more than one of these trips, the most often first.
     *
     * @param list<self> $records one a trip
     * @return list<array{item: TripItem, found: Code, times: int}> times: on how many trips
     */
    public static function comingBack(array $records): array
    {
        $again = [];
        foreach ($records as $number => $record) {
            foreach ($record->everFound() as [$item, $mark]) {
                if ($mark->found !== null) {
                    $key = "{$item->row}/{$item->side?->value}/{$mark->found->value}";
                    $again[$key] ??= ['item' => $item, 'found' => $mark->found, 'trips' => []];
                    $again[$key]['trips'][$number] = true;
                }
            }
        }
        $counted = array_map(static fn(array $one): array => [
            'item' => $one['item'],
            'found' => $one['found'],
            'times' => count($one['trips']),
        ], array_values($again));
        usort($counted, static fn(array $a, array $b): int => $b['times'] <=> $a['times']);

        return array_values(array_filter($counted, static fn(array $one): bool => $one['times'] > 1));
    }

    /** @return list<TripItem> what is not used on this trip */
    public function leftOut(): array
    {
        return array_values(array_filter($this->items, fn(TripItem $item): bool => $this->of($item)?->outcome === TripOutcome::LeftOut));
    }

    /** Every line was looked at; nothing is taken for right unseen. The way out must be free whatever else is left out. */
    public function maySetOff(): bool
    {
        $blocked = array_filter($this->leftOut(), static fn(TripItem $item): bool => $item->look === TripLook::Way);

        return $this->open() === [] && $blocked === [];
    }

    /** @return array<string, non-empty-list<TripItem>> by bench, "2 left"; '' for the bus as a whole */
    public function byBench(): array
    {
        $benches = [];
        foreach ($this->items as $item) {
            $benches[$item->row === null ? '' : "{$item->row} {$item->side?->value}"][] = $item;
        }

        return $benches;
    }
}
