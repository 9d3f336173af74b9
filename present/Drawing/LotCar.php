<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Finding\Verdict;

/** A car in a bay, as the lot is drawn. */
final readonly class LotCar
{
    /**
     * @param string $title ticket and family
     * @param string|null $technician who works on it
     * @param int $minutes since it was called
     * @param int $expected minutes that its seats take
     * @param list<array{letter: string, place: string|null, verdict: Verdict, address: string}> $seats
     */
    public function __construct(
        public int $bay,
        public string $title,
        public ?string $technician,
        public int $minutes,
        public int $expected,
        public array $seats,
    ) {}

    public function isLong(): bool
    {
        return $this->minutes > $this->expected;
    }
}
