<?php

declare(strict_types=1);

namespace MintBuckle\Core\Capacity;

/** A figure that was counted in a simulation, and between what the true one lies in nineteen of twenty of them. */
final readonly class Estimate
{
    /** Student's t for 29 degrees of freedom, 97.5 %: printed tables, e.g. NIST/SEMATECH e-Handbook of Statistical Methods 1.3.6.7.2. */
    private const STUDENT = 2.045;

    public const BATCHES = 30;

    private function __construct(public float $value, public float $low, public float $high) {}

    /** @param list<float> $batches as many as BATCHES, each long enough to know little of the one before */
    public static function of(array $batches): self
    {
        assert(count($batches) === self::BATCHES);
        $mean = array_sum($batches) / self::BATCHES;
        $squares = array_sum(array_map(static fn(float $one): float => ($one - $mean) ** 2, $batches));
        $half = self::STUDENT * sqrt($squares / (self::BATCHES - 1) / self::BATCHES);

        return new self($mean, max(0.0, $mean - $half), $mean + $half);
    }

    public function holds(float $figure): bool
    {
        return $this->low <= $figure && $figure <= $this->high;
    }
}
