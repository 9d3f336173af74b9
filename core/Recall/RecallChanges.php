<?php

declare(strict_types=1);

namespace MintBuckle\Core\Recall;

/** What a new list changes: campaigns that are new, gone, told otherwise, or as they were. */
final readonly class RecallChanges
{
    /**
     * @param list<string> $new ids
     * @param list<string> $gone
     * @param list<string> $changed
     */
    private function __construct(public array $new, public array $gone, public array $changed, public int $same) {}

    /**
     * @param array<string, string> $before id => all that is said of it, in any form that is equal only when nothing changed
     * @param array<string, string> $after
     */
    public static function between(array $before, array $after): self
    {
        $kept = array_intersect_key($after, $before);
        $changed = array_filter($kept, static fn(string $said, string|int $id): bool => $before[$id] !== $said, ARRAY_FILTER_USE_BOTH);
        $ids = static fn(array $of): array => array_map(strval(...), array_keys($of));

        return new self(
            $ids(array_diff_key($after, $before)),
            $ids(array_diff_key($before, $after)),
            $ids($changed),
            count($kept) - count($changed),
        );
    }
}
