<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

/**
 * A seat shown back by everybody who will install it at home: each step of its card as it stands now, done alone. Steps that others did,
 * or that were done with help, do not count.
 */
final readonly class ShowBack
{
    /** @param array<int, list<ShownHow|null>> $byAdult from 1: how each step was done; null: not yet */
    public function __construct(private array $byAdult) {}

    public function isBegun(): bool
    {
        return array_filter($this->byAdult, static fn(array $steps): bool => array_filter($steps) !== []) !== [];
    }

    public function isDoneBy(int $adult): bool
    {
        $steps = $this->byAdult[$adult] ?? [];

        return $steps !== [] && array_filter($steps, static fn(?ShownHow $how): bool => $how !== ShownHow::Alone) === [];
    }

    public function isDone(): bool
    {
        return $this->byAdult !== [] && $this->lacking() === [];
    }

    /** @return list<int> adults who have not done every step alone */
    public function lacking(): array
    {
        return array_values(array_filter(array_keys($this->byAdult), fn(int $adult): bool => ! $this->isDoneBy($adult)));
    }
}
