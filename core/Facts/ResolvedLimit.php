<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Quantity\Quantity;

/**
 * What a maker's limit comes to for one seat held one way: the entry that holds; none (nothing missing), as if the figure were
 * absent; or not to be told without the facts that are missing. What breaks every figure that may hold breaks the limit all the same.
 */
final readonly class ResolvedLimit
{
    /**
     * @param LimitEntry|null $entry the one that holds; null while undecided, and where none applies
     * @param list<string> $missing paths of the facts that would decide
     * @param non-empty-list<LimitEntry|null> $possible what may hold; null: none applies
     */
    public function __construct(public ?LimitEntry $entry, public array $missing, private array $possible) {}

    /** Whether it is known that no entry applies: what holds without the figure holds. */
    public function isAbsent(): bool
    {
        return $this->entry === null && $this->missing === [];
    }

    /** The entry that a measured value breaks whichever of them holds, the laxest where several may; null where it breaks none for sure. */
    public function brokenAsMaximum(Quantity $measured): ?LimitEntry
    {
        return $this->laxest(static fn(LimitEntry $e): bool => $e->isBrokenAsMaximumBy($measured), 1);
    }

    public function brokenAsMinimum(Quantity $measured): ?LimitEntry
    {
        return $this->laxest(static fn(LimitEntry $e): bool => $e->isBrokenAsMinimumBy($measured), -1);
    }

    /**
     * @param callable(LimitEntry): bool $isBroken
     * @param 1|-1 $laxer
     */
    private function laxest(callable $isBroken, int $laxer): ?LimitEntry
    {
        $laxest = null;
        foreach ($this->possible as $entry) {
            if ($entry === null || ! $isBroken($entry)) {
                return null;
            }
            $laxest = $laxest === null || $entry->value->compareTo($laxest->value) * $laxer > 0 ? $entry : $laxest;
        }

        return $laxest;
    }
}
